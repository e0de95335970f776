import { MovingFigure } from '../../shared/figure'
import { countOf } from '../../shared/lib/counts'
import { usePhase } from '../../shared/lib/usePhase'
import { Cautions } from '../../shared/ui'
import type { PlacedStep } from './steps'

interface MovementProps {
  step: PlacedStep
  resting: boolean
  paused: boolean
}

const sideWords: Record<string, string> = { left: 'Left side', right: 'Right side' }

/** The exercise as it is now: name, side, setting, figure, cues; readable across a room. */
export function Movement({ step, resting, paused }: MovementProps) {
  const { item } = step
  const phase = usePhase(item.figure, !paused && !item.figure.hold)
  return (
    <section aria-label={resting ? 'Next' : 'Now'} className="min-w-0">
      <div className="movement">
        <div className="min-w-0">
          <p className="text-lg">
            <span className={resting ? 'tag look-here text-base' : 'soft'}>{resting ? 'Next' : 'Now'}</span>{' '}
            <span className="soft">
              set {step.setNumber} of {item.sets}
            </span>
          </p>
          <h1 className="floor-name">{item.name}</h1>
          {step.side && <p className="floor-side">{sideWords[step.side]}</p>}
          <p className="floor-words sentence">{item.words}</p>
          <p className="mt-1 text-xl font-semibold">
            {countOf({ ...item, perSide: false })}
            {item.perSide ? ', this side' : ''}
          </p>
          {item.lastToFailure && step.setNumber === item.sets && (
            <p className="text-xl font-semibold">The last set: on until the next one would not be clean</p>
          )}
          {item.tempo && <p className="text-xl font-semibold">{item.tempo}</p>}
        </div>
        <MovingFigure
          figure={item.figure}
          phase={phase}
          label={`${item.name}: ${item.words}`}
          className="floor-figure"
        />
      </div>
      <div className="hidden gap-x-8 sm:grid sm:grid-cols-2">
        <ul className="list-disc space-y-0.5 pl-5">
          {(resting ? item.cues.setUp : item.cues.movement).map((cue) => (
            <li key={cue}>{cue}</li>
          ))}
        </ul>
        <p>
          {item.cues.breath}{' '}
          <span className="soft">Felt in: {item.cues.feel.charAt(0).toLowerCase() + item.cues.feel.slice(1)}</span>
        </p>
      </div>
      <div className="mt-3">
        <Cautions cautions={item.cautions} />
      </div>
    </section>
  )
}
