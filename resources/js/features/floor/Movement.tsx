import { ChevronDown, ChevronUp } from 'lucide-react'
import { memo, useState } from 'react'
import type { Alternative, Item } from '../../shared/api'
import { MovingFigure } from '../../shared/figure'
import { useAfterPaint } from '../../shared/lib/useAfterPaint'
import { usePhase } from '../../shared/lib/usePhase'
import { Cautions } from '../../shared/ui'
import type { Others } from './run/others'
import type { Run } from './run/run'
import type { PlacedSet } from './run/sets'
import { blockWords, placeWords, said, sideWords } from './said'

interface MovementProps {
  set: PlacedSet
  phase: Run['phase']
  isHeld: boolean
  others: Others | null
  onStep: (way: 'easier' | 'harder') => void
}

const seenAs = 'nimble-shelf-cautions-seen'

function seen(): string[] {
  try {
    return JSON.parse(sessionStorage.getItem(seenAs) ?? '[]') as string[]
  } catch {
    return []
  }
}

/** Cautions stand open until somebody has read them; then they are one line, and open again at a touch. */
function FoldingCautions({ exercise, cautions }: { exercise: string; cautions: string[] }) {
  const [read, setRead] = useState(seen)
  if (cautions.length === 0) return null
  const isRead = read.includes(exercise)
  const fold = (next: boolean) => {
    const now = next ? [...read, exercise] : read.filter((one) => one !== exercise)
    setRead(now)
    try {
      sessionStorage.setItem(seenAs, JSON.stringify(now))
    } catch {
      // They stand open again after a reload.
    }
  }
  return isRead ? (
    <button type="button" className="caution caution-folded" onClick={() => fold(false)}>
      {cautions.length === 1 ? '1 caution' : `${cautions.length} cautions`}, read. Show again
    </button>
  ) : (
    <div>
      <Cautions cautions={cautions} />
      <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => fold(true)}>
        Got it
      </button>
    </div>
  )
}

/** What to take for another way; its name as well where it is another exercise. */
function shortly(item: Item, other: Alternative | null): string {
  if (other === null) return 'nothing on this shelf'
  const { exercise, name, words } = other.item
  return exercise === item.exercise ? words : `${name}, ${words.charAt(0).toLowerCase()}${words.slice(1)}`
}

interface StepProps {
  way: 'easier' | 'harder'
  item: Item
  other: Alternative | null
  onStep: () => void
}

function Step({ way, item, other, onStep }: StepProps) {
  const Icon = way === 'easier' ? ChevronDown : ChevronUp
  return (
    <button
      type="button"
      className="btn btn-outline floor-step h-auto w-full min-w-0 flex-nowrap justify-start"
      disabled={other === null}
      onClick={onStep}
      title={other === null ? `Nothing ${way} on this shelf` : `${other.item.name}, ${other.item.words}`}
    >
      <Icon className="size-5 shrink-0" aria-hidden="true" />
      <span className="min-w-0 text-left">
        <span className="block font-semibold">{way === 'easier' ? 'Easier' : 'Harder'}</span>
        <span className="soft floor-step-words sentence text-sm leading-tight font-normal">{shortly(item, other)}</span>
      </span>
    </button>
  )
}

/** The figure as it moves; nothing else is drawn anew for it. */
const Moving = memo(function Moving({ item, isHeld }: { item: Item; isHeld: boolean }) {
  const moving = usePhase(item.figure, !isHeld && !item.figure.hold)
  return (
    <MovingFigure figure={item.figure} phase={moving} label={`${item.name}: ${item.words}`} className="floor-figure" />
  )
})

/** Words answer a touch first; another figure is drawn right after them, and the one before it is gone by then. */
function Drawn({ item, isHeld }: { item: Item; isHeld: boolean }) {
  const drawn = useAfterPaint(item)
  const isStill = useAfterPaint(isHeld)
  return (
    <div className={drawn === item ? 'contents' : 'invisible contents'}>
      <Moving item={drawn} isHeld={isStill} />
    </div>
  )
}

/** What is in the hand or on the back, kilograms; null of bands and of the body alone. */
function loadOf({ setting }: Item): number | null {
  const kg = setting.mass_kg
  return typeof kg === 'number' && kg > 0 ? Math.round(10 * kg) / 10 : null
}

/** The exercise as it is now or next: name, side, setting, figure; read across a room. Drawn anew when it changes. */
export const Movement = memo(function Movement({ set, phase, isHeld, others, onStep }: MovementProps) {
  const { item, block } = set
  const isNow = phase === 'work'
  const kg = loadOf(item)
  return (
    <section aria-label={isNow ? 'Now' : 'Next'} className="floor-movement">
      <div className="min-w-0">
        <p className="text-lg leading-tight">
          <span className={isNow ? 'tag tag-chosen' : 'tag look-here'}>{isNow ? 'Now' : 'Next'}</span>{' '}
          <span className="soft">
            {placeWords(set)} · {blockWords(block)}
          </span>
        </p>
        <h1 className="floor-name" data-long={item.name.length > 18 || undefined}>
          {item.name}
        </h1>
        {set.side && <p className="floor-big text-primary">{sideWords[set.side]}</p>}
        {set.roundRule !== null && <p className="floor-rule">{set.roundRule}</p>}
        {block.byClock && <p className="floor-rule">{block.ruleWords}</p>}
        {kg !== null && <p className="floor-load">{kg} kg</p>}
        <p className="floor-words sentence">{item.words}</p>
        <p className="floor-dose">
          {said(set)}
          {item.lastToFailure && set.setNumber === item.sets && ' or more: on until the next would not be clean'}
          {item.tempo !== null && <span className="soft"> · {item.tempo}</span>}
        </p>
        {item.lastTime !== null && <p className="soft leading-snug">Last time, {item.lastTime}</p>}
        {item.bestSeconds !== null && <p className="soft">Longest so far {item.bestSeconds} s</p>}
        {!item.servable && (
          <p className="mt-1 leading-snug">
            <span className="tag look-here">not on the shelf</span> {item.problems[0]}
          </p>
        )}
      </div>
      <Drawn item={item} isHeld={isHeld} />
      {(others?.easier ?? others?.harder) != null && (
        <div className="floor-steps">
          <Step way="easier" item={item} other={others?.easier ?? null} onStep={() => onStep('easier')} />
          <Step way="harder" item={item} other={others?.harder ?? null} onStep={() => onStep('harder')} />
        </div>
      )}
      <div className="floor-cues">
        <ul className="list-disc space-y-0.5 pl-5">
          {(isNow ? item.cues.movement : item.cues.setUp).map((cue) => (
            <li key={cue}>{cue}</li>
          ))}
        </ul>
        <p>
          {item.cues.breath}{' '}
          <span className="soft">Felt in: {item.cues.feel.charAt(0).toLowerCase() + item.cues.feel.slice(1)}</span>
        </p>
      </div>
      <div className="floor-cautions">
        <FoldingCautions key={item.exercise} exercise={item.exercise} cautions={item.cautions} />
      </div>
    </section>
  )
})
