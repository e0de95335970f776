import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { Loading, Problem } from '../../shared/ui'
import { Before } from './Before'
import { Finished } from './Finished'
import { Running } from './Running'
import { sessionOptions } from './queries'

/** The screen that is used while the client trains: full screen, nothing else on it. */
export function FloorPage() {
  const sessionId = Number(useParams().sessionId)
  const session = useQuery({ ...sessionOptions(sessionId), refetchOnWindowFocus: false })
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
