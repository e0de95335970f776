import { Pause, Play, SlidersHorizontal } from 'lucide-react'
import { Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { Session } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { useKeys } from '../../shared/lib/useKeys'
import { Bar, type Sheet } from './Bar'
import { useAwake } from './device/useAwake'
import { useWishes } from './device/wishes'
import { FloorHead } from './FloorHead'
import { Asleep, BellSheet, ChooseFirst, MoreSheet, PainSheet, SwapSheet, Through } from './later'
import { Movement } from './Movement'
import { Said } from './Notices'
import { Rest, UpNext, Work } from './Phases'
import { Progress } from './Progress'
import { useAlternatives } from './queries'
import { othersOf } from './run/others'
import { restLeftMs } from './run/run'
import { clockOf, said, sideWords } from './said'
import { useArmed } from './useArmed'
import { countedByClock, type Floor } from './useFloor'
import { useMeanwhile } from './useMeanwhile'

/** What somebody who cannot see the screen has to know now. */
function announced({ run, now }: Floor): string {
  const set = run.current
  if (run.phase === 'through') return 'That was the last set.'
  if (set === null) return ''
  const what = [set.item.name, set.side === null ? '' : sideWords[set.side], said(set)].filter(Boolean).join(', ')
  if (run.phase === 'work') return `Work: ${what}`
  if (run.phase === 'choose') return `Choose ${set.block.pick} of ${set.block.items.length}`
  const isOver = run.phase === 'rest' && restLeftMs(run, now) <= 0
  const rest = isOver ? 'Rest is over. ' : run.phase === 'rest' ? `Rest, ${counted(run.restSeconds, 'second')}. ` : ''
  return `${rest}Next: ${what}. ${set.change.map((step) => step.words).join('; ')}`
}

/** How many repetitions were counted so far, by a hand that taps or by the clock. */
function useCount(floor: Floor): { count: number; tap: (by: number) => void } {
  const { counts } = useWishes()
  const { run, now } = floor
  const place = `${run.current?.key}/${run.begunAt}`
  const [tapped, setTapped] = useState({ place, count: 0 })
  const taps = tapped.place === place ? tapped.count : 0
  return {
    count: counts === 'clock' && run.phase === 'work' ? countedByClock(run, now) : taps,
    tap: (by) => setTapped({ place, count: Math.max(0, taps + by) }),
  }
}

const sheetNames: Record<Exclude<Sheet, null>, string> = {
  swap: 'Something else instead',
  pain: 'Pain',
  more: 'More',
  bell: 'On this device',
}

/** What hurts, where, and what kind of pain it is. */
interface Hurt {
  itemId: number
  where: string
  what: string
}

interface RunningProps {
  session: Session
  floor: Floor
  /** Where two train in turns: both names, and who is looked at. */
  names?: React.ReactNode
}

/** The session as it runs: one thing at a time, by count or by clock, nothing passed over unless it is said. */
export function Running({ session, floor, names }: RunningProps) {
  const { run, now, hands } = floor
  const alternatives = useAlternatives(session.id)
  const meanwhile = useMeanwhile(session)
  const wishes = useWishes()
  const { count, tap } = useCount(floor)
  const [open, setOpen] = useState<Sheet>(null)
  const [hurt, setHurt] = useState<Hurt | null>(null)
  // What the choice after pain was made for, until something else is done: Undo brings the choice back.
  const [answered, setAnswered] = useState<Hurt | null>(null)
  const main = useRef<HTMLButtonElement>(null)
  const set = run.current
  const item = set?.item
  // The same for as long as the exercise is, so that what stands still is not drawn anew.
  const others = useMemo(() => othersOf(alternatives, item), [alternatives, item])
  useAwake(true)
  const place = `${run.phase}/${set?.key ?? ''}`
  const isArmed = useArmed(place)
  useEffect(() => {
    window.scrollTo(0, 0)
    // Whoever has gone to no other control finds the main action under the key and the thumb.
    const at = document.activeElement
    if (at === document.body || at?.matches('.floor') === true) main.current?.focus({ preventScroll: true })
  }, [place])

  const shut = () => setOpen(null)
  const undo = () => {
    hands.undo()
    if (hurt !== null) {
      // Before the choice was made there was only the pain to take back.
      setHurt(null)
      shut()
    } else if (answered !== null) {
      setHurt(answered)
      setAnswered(null)
    }
  }
  const act = () => {
    setAnswered(null)
    if (floor.unseen.length > 0 || !isArmed) return
    if (run.phase === 'through') hands.end()
    else if (run.phase === 'work' && set !== null) hands.done(clockOf(set, run, now, count, wishes.counts))
    else hands.begin()
  }
  const swapTo = (way: 'easier' | 'harder') => {
    const other = others?.[way]
    if (other != null && set !== null) hands.swap(set.itemId, other, run.phase === 'work' ? count : 0)
  }
  // The same for as long as the session is shown, so that what stands still is not drawn ten times a second.
  const latestStep = useRef(swapTo)
  useEffect(() => {
    latestStep.current = swapTo
  })
  const onStep = useCallback((way: 'easier' | 'harder') => latestStep.current(way), [])
  useKeys({
    ' ': act,
    Enter: act,
    u: undo,
    l: hands.later,
    o: hands.leaveSetOut,
    p: hands.pause,
    e: () => swapTo('easier'),
    h: () => swapTo('harder'),
    w: () => setOpen(open === 'swap' ? null : 'swap'),
    x: () => setOpen('pain'),
    Escape: shut,
  })

  const isHeld = run.pausedAt !== null
  // Where nobody works, it is the last movement that hurts.
  const sore =
    hurt !== null
      ? (run.sets.find((one) => one.itemId === hurt.itemId) ?? null)
      : run.phase === 'work'
        ? set
        : (run.lastDone?.set ?? set)
  const menu = run.menu
  return (
    <div
      className="floor-stage"
      data-hand={wishes.hand}
      data-phase={run.phase}
      data-sheet={open ?? undefined}
      data-flash={wishes.flashes && floor.cue !== null && now - floor.cue.at < 450 ? floor.cue.kind : undefined}
    >
      <FloorHead session={session}>
        <button
          type="button"
          className="btn btn-ghost btn-square"
          aria-label={isHeld ? 'Go on' : 'Pause'}
          aria-pressed={isHeld}
          onClick={hands.pause}
        >
          {isHeld ? <Play className="size-6" /> : <Pause className="size-6" />}
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-square"
          aria-label="Sound, hand and counting"
          aria-expanded={open === 'bell'}
          onClick={() => setOpen(open === 'bell' ? null : 'bell')}
        >
          <SlidersHorizontal className="size-6" />
        </button>
      </FloorHead>
      {names}
      {floor.behind > 0 && (
        <p role="alert" className="notice">
          This device’s clock was set back by {counted(Math.round(floor.behind / 60_000), 'minute')}. The session goes
          on by the time it had.
        </p>
      )}
      {meanwhile !== null && <Said words={meanwhile.words} onRead={meanwhile.read} />}
      <Progress run={run} />
      <p role="status" className="sr-only">
        {announced(floor)}
      </p>
      <div className="floor-grid">
        {set !== null && menu === null && (
          <Movement set={set} phase={run.phase} isHeld={isHeld} others={others} onStep={onStep} />
        )}
        <div className="floor-side-panel">
          {open !== null && <h1 className="sr-only">{sheetNames[open]}</h1>}
          <Suspense fallback={null}>
            {floor.unseen.length > 0 ? (
              <Asleep floor={floor} />
            ) : open === 'swap' && set !== null ? (
              <SwapSheet
                item={set.item}
                others={others}
                onTake={(other) => {
                  hands.swap(set.itemId, other, run.phase === 'work' ? count : 0)
                  shut()
                }}
                onShut={shut}
              />
            ) : open === 'pain' || hurt !== null ? (
              <PainSheet
                session={session}
                item={sore?.item ?? null}
                isOpen={run.sets.some((one) => one.itemId === sore?.itemId && one.state === 'open')}
                others={othersOf(alternatives, sore?.item)}
                isStopped={hurt !== null}
                said={hurt}
                onStop={(where, what) => {
                  setHurt(sore === null ? null : { itemId: sore.itemId, where, what })
                  hands.pain(where, what, count)
                }}
                onTake={(other) => {
                  if (hurt !== null) hands.swap(hurt.itemId, other, 0)
                  setAnswered(hurt)
                  setHurt(null)
                  shut()
                }}
                onLeaveOut={() => {
                  if (hurt !== null) hands.leaveOut(hurt.itemId, 'pain')
                  setAnswered(hurt)
                  setHurt(null)
                  shut()
                }}
                onEnd={hands.end}
                onShut={() => {
                  setHurt(null)
                  shut()
                }}
              />
            ) : open === 'more' ? (
              <MoreSheet floor={floor} session={session} onShut={shut} />
            ) : open === 'bell' ? (
              <BellSheet onShut={shut} />
            ) : run.phase === 'through' ? (
              <Through floor={floor} />
            ) : menu !== null ? (
              <ChooseFirst key={menu.id} menu={menu} onPick={hands.pick} />
            ) : run.phase === 'work' && set !== null ? (
              <Work floor={floor} set={set} count={count} onTap={tap} />
            ) : run.phase === 'rest' && set !== null ? (
              <Rest floor={floor} set={set} alternatives={alternatives} />
            ) : set !== null ? (
              <UpNext floor={floor} set={set} alternatives={alternatives} />
            ) : null}
          </Suspense>
        </div>
        <Bar
          floor={floor}
          open={open}
          isStopped={hurt !== null || open === 'pain' || floor.unseen.length > 0}
          isArmed={isArmed}
          mainRef={main}
          onAct={act}
          onUndo={undo}
          onOpen={(sheet) => setOpen(open === sheet ? null : sheet)}
        />
      </div>
    </div>
  )
}
