import { ArrowLeftRight, Ellipsis, HeartCrack, SkipForward, Undo2 } from 'lucide-react'
import type { Ref } from 'react'
import { MessageLine } from './MessageLine'
import { canWait } from './run/acts'
import { endsByClock } from './run/run'
import { placeWords } from './said'
import type { Floor } from './useFloor'

export type Sheet = 'swap' | 'pain' | 'more' | 'bell' | null

interface BarProps {
  floor: Floor
  open: Sheet
  isStopped: boolean
  mainRef: Ref<HTMLButtonElement>
  onAct: () => void
  onOpen: (sheet: Exclude<Sheet, null>) => void
}

function mainWords({ run }: Floor): string {
  const set = run.current
  if (run.phase === 'through' || set === null) return 'End the session'
  if (run.phase !== 'work') return `Begin ${placeWords(set)}${set.side === null ? '' : `, ${set.side}`}`
  if (set.parts.some((part) => part.counting === 'up')) return 'No longer clean: stop'
  return endsByClock(set) ? 'Stop before the bell' : 'Set done'
}

/** What the thumb reaches: the one thing that comes next, and what may go otherwise. */
export function Bar({ floor, open, isStopped, mainRef, onAct, onOpen }: BarProps) {
  const { run, hands, undoable } = floor
  const set = run.current
  // Where the bell ends the set, the thumb has nothing to do.
  const tone = run.phase === 'work' && set !== null && endsByClock(set) ? 'btn-outline' : 'btn-primary'
  return (
    <div className="floor-bar">
      <MessageLine />
      {run.phase !== 'choose' && !isStopped && (
        <button
          ref={mainRef}
          type="button"
          className={`btn btn-lg floor-main h-17 w-full text-xl ${tone}`}
          onClick={onAct}
        >
          {mainWords(floor)}
        </button>
      )}
      <div className="floor-seconds">
        <button type="button" className="floor-second" onClick={hands.undo} disabled={undoable === null}>
          <Undo2 aria-hidden="true" /> Undo
        </button>
        <button type="button" className="floor-second" onClick={hands.skip} disabled={set === null || isStopped}>
          <SkipForward aria-hidden="true" /> {set !== null && !canWait(run, set) ? 'Leave out' : 'Skip'}
        </button>
        <button
          type="button"
          className="floor-second"
          aria-expanded={open === 'swap'}
          onClick={() => onOpen('swap')}
          disabled={set === null || isStopped}
        >
          <ArrowLeftRight aria-hidden="true" /> Swap
        </button>
        <button
          type="button"
          className="floor-second floor-pain"
          aria-expanded={open === 'pain'}
          onClick={() => onOpen('pain')}
        >
          <HeartCrack aria-hidden="true" /> Pain
        </button>
        <button
          type="button"
          className="floor-second"
          aria-expanded={open === 'more'}
          onClick={() => onOpen('more')}
          disabled={isStopped}
        >
          <Ellipsis aria-hidden="true" /> More
        </button>
      </div>
    </div>
  )
}
