import { ArrowRight } from 'lucide-react'
import { Link } from 'react-router'
import type { ReplanChange } from '../../shared/api'
import { countOf } from '../../shared/lib/counts'
import { Cautions, LoadNumber } from '../../shared/ui'

const kinds: Record<string, string> = { swap: 'swapped', 'fewer-sets': 'fewer sets', 'left-out': 'left out' }

interface ChangeRowProps {
  change: ReplanChange
  accepted: boolean
  onAccept: (accepted: boolean) => void
}

/** One exercise of the day: what it was, why it cannot stay, and what it becomes. */
export function ChangeRow({ change, accepted, onAccept }: ChangeRowProps) {
  return (
    <li className={`replan-row ${accepted ? '' : 'replan-row-off'}`}>
      <input
        type="checkbox"
        className="checkbox checkbox-primary mt-1"
        aria-label={`Change ${change.from}`}
        checked={accepted}
        onChange={(event) => onAccept(event.target.checked)}
      />
      <div>
        <p>{change.from}</p>
        <p className="mt-1 text-sm font-semibold">{change.why}</p>
      </div>
      <ArrowRight className="mt-1 hidden size-5 sm:block" aria-hidden="true" />
      <div>
        <p className="flex flex-wrap items-baseline gap-x-3">
          <span className="font-display text-lg font-semibold">{change.name}</span>
          <span className={`tag ${change.kind === 'left-out' ? 'look-here' : ''}`}>{kinds[change.kind]}</span>
          {change.matchPercent !== null && <span className="text-sm font-semibold">{change.matchPercent} % match</span>}
        </p>
        {change.words !== '' && <p className="leading-snug">{change.words}</p>}
        {change.kind !== 'left-out' && (
          <p className="mt-1 font-semibold">
            {change.sets} × {countOf(change)}
            {change.tempo && <span className="font-normal"> · {change.tempo}</span>}
          </p>
        )}
        {change.equivalent && (
          <div className="mt-2">
            <LoadNumber equivalent={change.equivalent} size="text-2xl" />
          </div>
        )}
        {change.notes.length > 0 && (
          <ul className="mt-2 space-y-0.5 text-sm">
            {change.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        )}
        {change.cautions.length > 0 && (
          <div className="mt-2">
            <Cautions cautions={change.cautions} />
          </div>
        )}
        {change.kind === 'swap' && (
          <Link to={`/swap/${change.itemId}`} className="link mt-1 inline-block text-sm">
            Look at all swaps
          </Link>
        )}
      </div>
    </li>
  )
}
