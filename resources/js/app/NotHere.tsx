import { Link } from 'react-router'
import { useTitle } from '../shared/lib/useTitle'
import { Empty } from '../shared/ui'

export function NotHere() {
  useTitle('No such place')
  return (
    <Empty title="There is no such place">
      <p>The address leads nowhere. Your visits are on the Round.</p>
      <Link to="/" className="btn btn-primary">
        Go to the Round
      </Link>
    </Empty>
  )
}
