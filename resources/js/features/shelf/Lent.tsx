import { toast } from 'sonner'
import type { Lent as LentThing } from '../../shared/api'
import { useLend } from './queries'

/** What belongs here and stands on somebody else’s shelf: it serves nobody here until it is back. */
export function Lent({ clientId, things }: { clientId: number; things: LentThing[] }) {
  const lend = useLend(clientId)
  if (things.length === 0) return null
  return (
    <section aria-label="Lent" className="mb-7">
      <h2 className="soft text-base font-normal">Lent</h2>
      <ul>
        {things.map((thing) => (
          <li key={thing.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-2">
            <span className="grow">
              <strong>
                {thing.count > 1 && `${thing.count} × `}
                {thing.name}
              </strong>{' '}
              <span className="soft">is with {thing.to}</span>
            </span>
            <button
              type="button"
              className="btn btn-outline btn-sm"
              disabled={lend.isPending}
              onClick={() =>
                lend.mutate(
                  { itemId: thing.id, toClientId: null },
                  {
                    onSuccess: () => toast.success(`${thing.name} is back on the shelf`),
                    onError: (error) => toast.error(error.message),
                  },
                )
              }
            >
              It is back
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
