import { lastChangeAt } from '../../shared/api'
import type { Asked } from './fetched'

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })

interface AsOfProps {
  of: { data: Asked<object> | undefined; isFetching: boolean; refetch: () => unknown }
}

/** Said over what this device kept, for as long as the application has not answered. */
export function AsOf({ of: { data, isFetching, refetch } }: AsOfProps) {
  if (data?.isKept !== true) return null
  const asOf = data.asOf ?? 0
  return (
    <p role="status" className="notice my-2 flex flex-wrap items-center gap-x-3">
      <span className="grow">
        As of {clock.format(asOf)}
        {isFetching ? ', asking' : '. The application cannot be reached; this is what this device kept'}
        {!isFetching && asOf < lastChangeAt() && ', from before your last change'}.
      </span>
      {!isFetching && (
        <button type="button" className="btn btn-sm btn-outline" onClick={() => void refetch()}>
          Ask again
        </button>
      )}
    </p>
  )
}
