import { ArrowLeftRight, CornerRightDown, Ellipsis, HeartCrack, SkipForward, Undo2 } from 'lucide-react'
import type { Ref } from 'react'
import { minutesAndSeconds } from '../../shared/lib/time'
import { MessageLine } from './MessageLine'
import { canWait } from './run/acts'
import { endsByClock, restLeftMs, workedMs } from './run/run'
import { placeWords } from './said'
import type { Floor } from './useFloor'

export type Sheet = 'swap' | 'pain' | 'more' | 'bell' | null

interface BarProps {
  floor: Floor
  open: Sheet
  isStopped: boolean
  /** False right after something has changed: one touch is one thing. */
  isArmed: boolean
  mainRef: Ref<HTMLButtonElement>
  onAct: () => void
  onUndo: () => void
  onOpen: (sheet: Exclude<Sheet, null>) => void
}

function mainWords({ run }: Floor): string {
  const set = run.current
  if (run.phase === 'through' || set === null) return 'End the session'
  if (run.phase !== 'work') return `Begin ${placeWords(set)}${set.side === null ? '' : `, ${set.side}`}`
  if (set.parts.some((part) => part.counting === 'up')) return 'No longer clean: stop'
  return endsByClock(set) ? 'Stop before the bell' : 'Set done'
}

/** What stands where the main button was a moment ago, and will be again; the clock as well, where a panel covers it. */
function Beside({ floor: { run, now, hands }, isCovered }: { floor: Floor; isCovered: boolean }) {
  const set = run.current
  const left = restLeftMs(run, now) / 1000
  if (run.phase === 'rest') {
    return (
      <button type="button" className="btn btn-outline btn-lg h-full px-2" onClick={() => hands.longer(15)}>
        <span>
          {isCovered && (
            <span className="figure-number block text-2xl">
              {left <= 0 ? `+${minutesAndSeconds(-left)}` : minutesAndSeconds(left)}
            </span>
          )}
          15 s longer
        </span>
      </button>
    )
  }
  if (run.phase !== 'work') return null
  return (
    <p className="soft self-center leading-tight">
      {isCovered && (
        <span className="figure-number block text-2xl text-base-content">
          {minutesAndSeconds(Math.floor(workedMs(run, now) / 1000))}
        </span>
      )}
      {set !== null && set.restAfter > 0 && `then rest ${minutesAndSeconds(set.restAfter)}`}
    </p>
  )
}

/** What the thumb reaches: the one thing that comes next, and what may go otherwise. */
export function Bar({ floor, open, isStopped, isArmed, mainRef, onAct, onUndo, onOpen }: BarProps) {
  const { run, hands, undoable } = floor
  const set = run.current
  const isWork = run.phase === 'work'
  // Where the bell ends the set, the thumb has nothing to do.
  const tone = isWork && set !== null && endsByClock(set) ? 'btn-outline' : 'btn-primary'
  return (
    <div className="floor-bar">
      <MessageLine />
      {run.phase !== 'choose' && !isStopped && (
        <div className="floor-act">
          {isWork && <Beside floor={floor} isCovered={open !== null} />}
          <button
            ref={mainRef}
            type="button"
            className={`btn btn-lg floor-main h-17 px-2 text-xl leading-tight ${tone}`}
            aria-disabled={!isArmed}
            onClick={onAct}
          >
            {mainWords(floor)}
          </button>
          {!isWork && <Beside floor={floor} isCovered={open !== null} />}
        </div>
      )}
      <div className="floor-seconds">
        <button type="button" className="floor-second" onClick={onUndo} disabled={undoable === null}>
          <Undo2 aria-hidden="true" /> Undo
        </button>
        <button
          type="button"
          className="floor-second"
          onClick={hands.later}
          disabled={set === null || isStopped || !canWait(run, set)}
        >
          <CornerRightDown aria-hidden="true" /> Later
        </button>
        <button type="button" className="floor-second" onClick={hands.leaveSetOut} disabled={set === null || isStopped}>
          <SkipForward aria-hidden="true" /> Leave out
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
