import { useRouteError } from 'react-router'
import { Problem } from '../shared/ui'

/** A place that broke while it was drawn. What was saved is saved; loading the page again is the way on. */
export function Broken() {
  const error = useRouteError()
  return (
    <main className="mx-auto max-w-3xl p-8">
      <Problem error={error} onRetry={() => location.reload()} />
      <p>What was logged is safe. If it happens again, go back to the Round.</p>
      <a href="/" className="btn mt-4">
        To the Round
      </a>
    </main>
  )
}
