import { useRef, useState } from 'react'
import { ApiError, type Session } from '../../shared/api'
import { useNeverLost } from '../../shared/lib/useNeverLost'
import { useTitle } from '../../shared/lib/useTitle'
import { Loading, Problem } from '../../shared/ui'
import { AsOf } from './AsOf'
import { Before } from './Before'
import { useOutboxOwner } from './device/outbox'
import { Finished, SignInHere } from './later'
import { useOwnOutbox, useSession } from './queries'
import { Running } from './Running'
import { useFloor } from './useFloor'

function Alone({ session }: { session: Session }) {
  return <Running session={session} floor={useFloor(session)} />
}

/** The screen that is used while the client trains: full screen, nothing else on it. */
export function FloorPage({ sessionId }: { sessionId: number }) {
  const page = useRef<HTMLElement>(null)
  useNeverLost(page)
  const me = useOwnOutbox()
  const session = useSession(sessionId)
  const owner = useOutboxOwner()
  // A session that was taken off the plan is gone there, not here: what was shown stays, and what is done is recorded.
  const [last, setLast] = useState<Session | null>(null)
  const shown = owner === null ? undefined : session.data
  if (shown !== undefined && shown !== last) setLast(shown)
  const isGone = session.error instanceof ApiError && session.error.status === 404 && last !== null
  const here = shown ?? (isGone ? last : undefined)
  useTitle(here === undefined ? 'Floor' : `Floor · ${here.clientName}`)
  const isNobody = me.isError && owner === null && me.trainer === null
  return (
    <main ref={page} tabIndex={-1} className="floor outline-none">
      {here === undefined && !isNobody && !session.isError && <Loading what="the session" />}
      {isNobody && me.error instanceof ApiError && me.error.status === 401 && <SignInHere />}
      {isNobody && !(me.error instanceof ApiError && me.error.status === 401) && (
        <Problem error={me.error} onRetry={() => void me.refetch()} />
      )}
      {session.isError && here === undefined && (
        <Problem error={session.error} onRetry={() => void session.refetch()} />
      )}
      {here !== undefined && <AsOf of={session.asked} />}
      {isGone && (
        <p role="alert" className="notice">
          This session has been taken off the plan meanwhile. Go on: what is done is recorded all the same.
        </p>
      )}
      {here?.state === 'planned' && <Before session={here} />}
      {here?.state === 'running' && <Alone key={sessionId} session={here} />}
      {here?.state === 'done' && <Finished session={here} />}
    </main>
  )
}
