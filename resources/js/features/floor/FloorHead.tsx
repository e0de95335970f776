import { X } from 'lucide-react'
import { Suspense } from 'react'
import type { Session } from '../../shared/api'
import { useOutbox } from './device/outbox'
import { SignInHere } from './later'
import { Sending, Unkept } from './Notices'

export function FloorHead({ session, children }: { session: Session; children?: React.ReactNode }) {
  const { isSignedOut } = useOutbox()
  return (
    <>
      <header className="ledge-thin flex items-end gap-1 pb-1.5">
        <div className="min-w-0 grow">
          <p className="font-display truncate text-xl font-semibold leading-tight">{session.clientName}</p>
          <Sending name={session.name} />
        </div>
        {children}
        <a
          href={`/?date=${session.startsAt.slice(0, 10)}`}
          className="btn btn-ghost btn-square"
          aria-label="Leave the Floor, back to the Round"
        >
          <X className="size-6" />
        </a>
      </header>
      <Unkept />
      {isSignedOut && (
        <Suspense fallback={null}>
          <SignInHere />
        </Suspense>
      )}
    </>
  )
}
