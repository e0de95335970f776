import type { LedgerSwap } from '../../shared/api'
import { briefDay } from '../../shared/lib/time'

/** What was swapped, shortened or left out, and why; newest first. */
export function SwapList({ swaps }: { swaps: LedgerSwap[] }) {
  if (swaps.length === 0) {
    return <p className="soft">Nothing has been swapped yet. What the swap desk or a new plan changes stands here.</p>
  }
  return (
    <ol className="max-w-5xl">
      {swaps.map((swap) => (
        <li key={swap.id} className={`swap-entry ${swap.isUndone ? 'soft' : ''}`}>
          <div>
            <p className="font-semibold">{briefDay(swap.on.slice(0, 10))}</p>
            <p className="soft text-sm">{swap.session}</p>
          </div>
          <div>
            <p>
              <span className="tag">{swap.occasion}</span> {swap.isUndone && <span className="tag">taken back</span>}
            </p>
            <p className="mt-1 leading-snug">
              {swap.from} → <strong>{swap.to}</strong>
            </p>
            {swap.why !== '' && <p className="soft text-sm">{swap.why}</p>}
          </div>
        </li>
      ))}
    </ol>
  )
}
