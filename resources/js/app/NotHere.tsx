import { Link } from 'react-router'
import { Empty } from '../shared/ui'

export function NotHere() {
  return (
    <Empty isPage title="There is no such place">
      <p>The address leads nowhere. Your visits are on the Round.</p>
      <Link to="/" className="btn btn-primary">
        Go to the Round
      </Link>
    </Empty>
  )
}
