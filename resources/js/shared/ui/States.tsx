import { ApiError } from '../api'
import { PageTitle } from './PageTitle'

/** Shown while something is fetched; keeps the room it will need. */
export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="flex min-h-48 items-center gap-3 py-10">
      <span className="loading loading-dots loading-md text-primary" aria-hidden="true" />
      <span className="soft">Fetching {what}…</span>
    </div>
  )
}

/** What stands above; where it stands for a whole page, it is that page’s heading. */
function Says({ words, isPage, className }: { words: string; isPage: boolean; className: string }) {
  return isPage ? (
    <PageTitle title={words} className={className}>
      {words}
    </PageTitle>
  ) : (
    <p className={className}>{words}</p>
  )
}

interface ProblemProps {
  error: unknown
  onRetry?: () => void
  /** True where there is nothing else on the page. */
  isPage?: boolean
}

/** What went wrong and what to do about it. */
export function Problem({ error, onRetry, isPage = false }: ProblemProps) {
  const said = error instanceof Error ? error.message : 'Something went wrong.'
  const lost = error instanceof ApiError && error.status === 404
  return (
    <div role="alert" className="paper my-6 flex max-w-2xl flex-wrap items-center gap-4 border-error p-5">
      <div className="grow">
        <Says words={lost ? 'Not found' : 'That did not work'} isPage={isPage} className="font-display text-xl" />
        <p>{said}</p>
      </div>
      {onRetry && !lost && (
        <button type="button" className="btn btn-outline" onClick={onRetry}>
          Try again
        </button>
      )}
    </div>
  )
}

/** A place with nothing in it yet, and how to begin. */
export function Empty({
  title,
  isPage = false,
  children,
}: {
  title: string
  isPage?: boolean
  children: React.ReactNode
}) {
  return (
    <div className="my-6 max-w-2xl">
      <Says words={title} isPage={isPage} className="font-display text-2xl" />
      <div className="mt-2 space-y-3">{children}</div>
      <div className="ledge mt-8" aria-hidden="true" />
    </div>
  )
}
