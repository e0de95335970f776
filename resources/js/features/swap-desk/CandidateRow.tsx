import type { Candidate, Prescribed } from '../../shared/api'
import { counted, countOf } from '../../shared/lib/counts'
import { SpreadLine } from './SpreadLine'

interface CandidateRowProps {
  candidate: Candidate
  prescribed: Prescribed
  number: number
  focused: boolean
  chosen: boolean
  range: readonly [number, number]
  /** Other settings of the same exercise: how many, and whether they are shown. */
  more?: { count: number; isOpen: boolean; onToggle: () => void } | undefined
  isNested?: boolean
  onFocus: () => void
}

export function CandidateRow({
  candidate,
  prescribed,
  number,
  focused,
  chosen,
  range,
  more,
  isNested = false,
  onFocus,
}: CandidateRowProps) {
  return (
    <li className={isNested ? 'ml-6' : ''}>
      <button
        type="button"
        id={`candidate-${number}`}
        aria-pressed={focused}
        data-keys="through"
        onClick={onFocus}
        className={`candidate ${focused ? 'candidate-focused' : ''}`}
      >
        <span className="flex items-start gap-3">
          <kbd className="key mt-0.5 shrink-0">{number <= 9 ? number : '·'}</kbd>
          <span className="min-w-0 grow">
            <span className="flex items-baseline justify-between gap-3">
              <span className="font-display text-lg font-semibold">{candidate.name}</span>
              <span className="shrink-0 text-sm font-semibold">{candidate.matchPercent} % match</span>
            </span>
            <span className="block leading-snug">{candidate.words}</span>
            <span className="mt-1 flex items-baseline justify-between gap-3">
              <span className="font-semibold">
                {countOf(candidate)}
                {candidate.difference && <span className="font-normal"> · {candidate.difference}</span>}
                {candidate.tempo && <span className="soft font-normal"> · {candidate.tempo}</span>}
              </span>
              {!candidate.isReached && <span className="tag look-here">too light</span>}
              {candidate.byMuscles && <span className="tag">by muscles</span>}
              {chosen && <span className="tag tag-chosen">in use</span>}
            </span>
            {candidate.equivalent && prescribed.equivalent && !candidate.byMuscles && (
              <SpreadLine offered={candidate.equivalent} wanted={prescribed.equivalent} range={range} />
            )}
          </span>
        </span>
      </button>
      {more !== undefined && more.count > 0 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm mb-1 ml-9"
          aria-expanded={more.isOpen}
          onClick={more.onToggle}
        >
          {more.isOpen ? 'Fewer settings' : `${counted(more.count, 'more setting')} of it`}
        </button>
      )}
    </li>
  )
}
