import { useParams } from 'react-router'
import { Loading, Problem } from '../../shared/ui'
import { Before } from './Before'
import { Finished } from './Finished'
import { Running } from './Running'
import { useSession } from './queries'

/** The screen that is used while the client trains: full screen, nothing else on it. */
export function FloorPage() {
  const sessionId = Number(useParams().sessionId)
  const session = useSession(sessionId)
  return (
    <main className="floor">
      {session.isPending && <Loading what="the session" />}
      {session.isError && <Problem error={session.error} onRetry={() => void session.refetch()} />}
      {session.data?.state === 'planned' && <Before session={session.data} />}
      {session.data?.state === 'running' && <Running key={sessionId} session={session.data} />}
      {session.data?.state === 'done' && <Finished session={session.data} />}
    </main>
  )
}
