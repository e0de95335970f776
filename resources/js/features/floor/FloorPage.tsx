import { useParams } from 'react-router'
import { Loading, Problem } from '../../shared/ui'
import { Before } from './Before'
import { Finished } from './Finished'
import { Running } from './Running'
import { useOutboxOwner } from './outbox'
import { useOwnOutbox, useSession } from './queries'

/** The screen that is used while the client trains: full screen, nothing else on it. */
export function FloorPage() {
  const sessionId = Number(useParams().sessionId)
  const me = useOwnOutbox()
  const session = useSession(sessionId)
  const owner = useOutboxOwner()
  // What has not been sent yet belongs to what is shown: nothing is drawn before the box is open.
  const shown = owner === null ? undefined : session.data
  return (
    <main className="floor">
      {(session.isPending || (owner === null && !me.isError)) && <Loading what="the session" />}
      {me.isError && <Problem error={me.error} onRetry={() => void me.refetch()} />}
      {session.isError && <Problem error={session.error} onRetry={() => void session.refetch()} />}
      {shown?.state === 'planned' && <Before session={shown} />}
      {shown?.state === 'running' && <Running key={sessionId} session={shown} />}
      {shown?.state === 'done' && <Finished session={shown} />}
    </main>
  )
}
