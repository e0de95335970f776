import { useInfiniteQuery } from '@tanstack/react-query'
import { api, type AuditEntry, type Health } from '../../shared/api'
import { briefDay, timeOfDay } from '../../shared/lib/time'
import { Problem } from '../../shared/ui'

/** Who looked at what is written of a client’s health, and who changed it; earlier ones a page at a time. */
export function WhoLooked({ health }: { health: Health }) {
  const newest = health.audit.at(-1)?.id ?? 0
  const earlier = useInfiniteQuery({
    queryKey: ['clients', health.clientId, 'health', 'log', newest],
    queryFn: ({ pageParam }) => api.get<AuditEntry[]>(`clients/${health.clientId}/health/log?before=${pageParam}`),
    initialPageParam: newest,
    getNextPageParam: (page) => page.at(-1)?.id,
    enabled: false,
  })
  const entries = [...health.audit, ...(earlier.data?.pages.flat() ?? [])]
  const left = health.auditCount - entries.length
  return (
    <section aria-label="Who looked">
      <h2 className="text-xl">Who looked, who changed</h2>
      <ul className="soft mt-1 max-h-64 overflow-auto text-sm" tabIndex={0}>
        {entries.map((entry) => (
          <li key={entry.id}>
            {briefDay(entry.at)}, {timeOfDay(entry.at)}: {entry.who} {entry.what}
          </li>
        ))}
      </ul>
      {earlier.isError && <Problem error={earlier.error} onRetry={() => void earlier.fetchNextPage()} />}
      {left > 0 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-1"
          disabled={earlier.isFetching}
          onClick={() => void earlier.fetchNextPage()}
        >
          {earlier.isFetching ? 'Looking further back…' : `Earlier ones (${left})`}
        </button>
      )}
    </section>
  )
}
