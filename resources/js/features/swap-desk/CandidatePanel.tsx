import { Check } from 'lucide-react'
import type { Candidate } from '../../shared/api'
import { MovingFigure } from '../../shared/figure'
import { countOf } from '../../shared/lib/counts'
import { Cautions, LoadNumber } from '../../shared/ui'
import type { Scope } from './queries'

interface CandidatePanelProps {
  candidate: Candidate
  phase: number
  chosen: boolean
  busy: boolean
  /** True while the session runs. */
  running: boolean
  /** Later sessions that ask for the same. */
  later: number
  /** True where the moved setting cannot be used. */
  blocked: boolean
  controls: React.ReactNode
  onUse: (scope: Scope) => void
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null
  return (
    <section>
      <h4 className="soft text-sm">{title}</h4>
      <ul className="space-y-1">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  )
}

/** One candidate whole: its figure in step with the prescribed one, what to do, cautions, reasons and losses. */
export function CandidatePanel({
  candidate,
  phase,
  chosen,
  busy,
  running,
  later,
  blocked,
  controls,
  onUse,
}: CandidatePanelProps) {
  return (
    <section aria-label={candidate.name} className="paper p-5">
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-4">
        <div>
          <h3 className="text-2xl">{candidate.name}</h3>
          <p className="leading-snug">{candidate.words}</p>
          <div className="mt-3">
            <LoadNumber equivalent={candidate.equivalent} />
          </div>
        </div>
        <div className="w-28 sm:w-44">
          <MovingFigure
            figure={candidate.figure}
            phase={phase}
            label={`${candidate.name}, ${candidate.words}`}
            className="h-40 w-full"
          />
        </div>
      </div>
      <p className="mt-3 text-lg font-semibold">
        {countOf(candidate)}
        {candidate.difference && <span className="font-normal">, {candidate.difference}</span>}
      </p>
      {candidate.tempo && <p className="font-semibold">{candidate.tempo}</p>}
      {!candidate.isReached && (
        <p className="caution caution-look mt-2">
          The effort is out of reach with this, however it is done. Better than nothing, not a match.
        </p>
      )}
      <button
        type="button"
        className="btn btn-primary mt-2 w-full"
        disabled={busy || chosen || blocked}
        onClick={() => onUse('today')}
      >
        {chosen ? (
          <>
            <Check className="size-5" aria-hidden="true" /> In use today
          </>
        ) : (
          <>
            Use this today <kbd className="key ml-1">Enter</kbd>
          </>
        )}
      </button>
      {running && !chosen && (
        <button
          type="button"
          className="btn btn-outline btn-sm mt-2 w-full"
          disabled={busy || blocked}
          onClick={() => onUse('set')}
        >
          For the next set only <kbd className="key ml-1">s</kbd>
        </button>
      )}
      {later > 0 && (
        <button
          type="button"
          className="btn btn-outline btn-sm mt-2 w-full"
          disabled={busy}
          onClick={() => onUse('programme')}
        >
          From here on: today and {later === 1 ? 'one later session' : `${later} later sessions`}{' '}
          <kbd className="key ml-1">p</kbd>
        </button>
      )}
      {controls}
      <div className="mt-4">
        <Cautions cautions={candidate.cautions} />
      </div>
      <div className="mt-4 space-y-3">
        <Lines title="What changes" lines={candidate.changes} />
        <Lines title="Why" lines={candidate.reasons} />
        <Lines title="What is lost" lines={candidate.lost} />
        <details>
          <summary className="soft min-h-6 cursor-pointer text-sm">
            How the match of {candidate.matchPercent} % adds up
          </summary>
          <dl className="mt-1 grid grid-cols-[auto_1fr_auto] items-center gap-x-3 gap-y-1">
            {candidate.parts.map((part) => (
              <div key={part.name} className="contents">
                <dt>{part.name}</dt>
                <dd className="h-2 rounded-full bg-base-300" aria-hidden="true">
                  <span className="block h-full rounded-full bg-primary" style={{ width: `${part.percent}%` }} />
                </dd>
                <dd className="text-right text-sm">
                  {part.percent} % <span className="soft">of {part.weightPercent}</span>
                </dd>
              </div>
            ))}
          </dl>
          {!candidate.isReached && <p className="mt-1 text-sm">Halved, because the effort is out of reach.</p>}
        </details>
      </div>
    </section>
  )
}
