import { ApiError } from '../api'

/** Shown while something is fetched; keeps the room it will need. */
export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="flex min-h-48 items-center gap-3 py-10">
      <span className="loading loading-dots loading-md text-primary" aria-hidden="true" />
      <span className="soft">Fetching {what}…</span>
    </div>
  )
}

/** What went wrong and what to do about it. */
export function Problem({ error, onRetry }: { error: unknown; onRetry?: () => void }) {
  const said = error instanceof Error ? error.message : 'Something went wrong.'
  const lost = error instanceof ApiError && error.status === 404
  return (
    <div role="alert" className="paper my-6 flex max-w-2xl flex-wrap items-center gap-4 border-error p-5">
      <div className="grow">
        <p className="font-display text-xl">{lost ? 'Not found' : 'That did not work'}</p>
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
export function Empty({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <div className="my-6 max-w-2xl">
      <p className="font-display text-2xl">{title}</p>
      <div className="mt-2 space-y-3">{children}</div>
      <div className="ledge mt-8" aria-hidden="true" />
    </div>
  )
}
