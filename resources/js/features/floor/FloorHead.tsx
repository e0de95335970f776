import { X } from 'lucide-react'
import { Link } from 'react-router'
import type { Session } from '../../shared/api'
import { Unsent } from './Unsent'

export function FloorHead({ session, children }: { session: Session; children?: React.ReactNode }) {
  return (
    <>
      <header className="ledge-thin flex items-end gap-4 pb-2">
        <div className="min-w-0 grow">
          <p className="font-display truncate text-xl font-semibold leading-tight">{session.clientName}</p>
          <p className="soft truncate text-sm">{session.name}</p>
        </div>
        {children}
        <Link to="/" className="btn btn-ghost btn-square" aria-label="Leave the Floor, back to the Round">
          <X className="size-6" />
        </Link>
      </header>
      <Unsent />
    </>
  )
}
