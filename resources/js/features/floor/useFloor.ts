import { useEffect, useMemo, useRef, useState } from 'react'
import type { Alternative, Block, Session, SetLog } from '../../shared/api'
import { readyBell, setBell, silence } from './device/bell'
import { happen, madeHere, useOutbox } from './device/outbox'
import { useFloorClock } from './device/useFloorClock'
import { useWishes } from './device/wishes'
import * as acts from './run/acts'
import { caughtUp, cuesUntil, isUnseen, notRun, type Cue } from './run/play'
import { runOf, workedMs, type Run } from './run/run'
import { say } from './messages'
import type { FloorEvent } from './run/events'
import type { PlacedSet } from './run/sets'

/** How often the time is shown anew: where tenths are read or the clock goes on by itself, and elsewhere. */
const tickMs = 100
const slowTickMs = 250
const bellAheadMs = 10 * 60_000

/** The last moment that is known of a session: no clock says earlier. */
function newest(session: Session): number {
  const logs = session.blocks.flatMap((block) => block.items.flatMap((item) => item.setLogs))
  const at = [...session.facts.map((fact) => fact.at), ...logs.map((log) => log.loggedAt)].map((one) => Date.parse(one))
  // What another device says of tomorrow is not believed.
  return Math.max(0, ...at.filter((one) => one < Date.now() + 12 * 3_600_000))
}

export interface Hands {
  /** Begins the set that is next. */
  begin: () => void
  done: (counted: acts.Counted) => void
  rate: (log: SetLog, reserve: number) => void
  correct: (
    set: PlacedSet,
    log: SetLog,
    right: { reps?: number | null; reserve?: number; alternative?: Alternative; massKg?: number },
  ) => void
  /** Puts the set, both its sides, to the end of its round; nothing where nothing else of it is left. */
  later: () => void
  /** Leaves the set that is next out, both its sides. */
  leaveSetOut: () => void
  /** Leaves all that is left of a block out: the warm-up of somebody who is warm, the rest of a ramp that was enough. */
  leaveBlockOut: (block: Block, why?: 'left-out' | 'enough') => void
  leaveOut: (itemId: number, why: string) => void
  putBack: (set: PlacedSet) => void
  forward: (set: PlacedSet) => void
  again: () => void
  addSet: (itemId: number) => void
  addRound: (block: Block) => void
  longer: (seconds: number) => void
  pause: () => void
  cut: (minutes: number) => void
  swap: (itemId: number, alternative: Alternative, soFar: number) => void
  pick: (itemIds: number[]) => void
  pain: (where: string, what: string, soFar: number) => void
  note: (words: string) => void
  undo: () => void
  end: () => void
  /** Says whether what the clock would have run unseen was done. */
  ranOn: (wasDone: boolean) => void
}

export interface Floor {
  run: Run
  now: number
  /** How far the wall clock was set back, milliseconds. */
  behind: number
  hands: Hands
  undoable: ReturnType<typeof acts.lastAction>
  /** What was heard last, for those who see it. */
  cue: Cue | null
  /** What the clock would have done while this page was asleep, for somebody to say whether it was; mostly nothing. */
  unseen: FloorEvent[]
}

/** A session as it is played on this device. */
export function useFloor(session: Session): Floor {
  const [first] = useState(() => newest(session))
  const box = useOutbox()
  const wishes = useWishes()
  const [cue, setCue] = useState<Cue | null>(null)
  const run = useMemo(() => runOf(session), [session])
  const isByTenths = run.phase === 'work' || (run.phase === 'rest' && run.current?.block.byClock === true)
  const { clock, now } = useFloorClock(first, isByTenths ? tickMs : slowTickMs)
  const ranOn = session.state === 'running' ? caughtUp(session, now) : []
  const isAsked = isUnseen(ranOn, now)
  const latest = useRef({ session, run })
  useEffect(() => {
    latest.current = { session, run }
  })

  useEffect(() => {
    // Nothing is recorded that was not shown as it ran: after a sleep somebody says what was done.
    const events = session.state === 'running' ? caughtUp(session, now) : []
    if (!isUnseen(events, now)) happen(...events)
  }, [session, now])

  // The bell is set anew only when something has happened; time alone changes nothing of it.
  useEffect(() => {
    const cues = isAsked ? [] : cuesUntil(session, clock.now(), bellAheadMs)
    setBell(session.id, cues, clock.now(), wishes, setCue)
    return () => silence(session.id)
  }, [session, clock, wishes, isAsked])

  const did = (make: (session: Session, run: Run, at: number) => ReturnType<typeof acts.begin>) => {
    readyBell()
    const { session: here, run: stands } = latest.current
    happen(...make(here, stands, clock.now()))
  }
  const hands: Hands = {
    begin: () => did(acts.begin),
    done: (counted) => did((here, stands, at) => acts.done(here, stands, at, counted)),
    rate: (log, reserve) => did((here, _, at) => acts.rate(here, log, reserve, at)),
    correct: (set, log, right) => did((here, _, at) => acts.correct(here, set.item, log, right, at)),
    later: () =>
      did((here, stands, at) =>
        stands.current === null || !acts.canWait(stands, stands.current) ? [] : acts.later(here, stands, at),
      ),
    leaveSetOut: () =>
      did((here, stands, at) =>
        stands.current === null ? [] : acts.leaveOut(here, acts.bothSides(stands, stands.current), 'left-out', at),
      ),
    leaveBlockOut: (block, why) => did((here, stands, at) => acts.leaveBlockOut(here, stands, block, at, why)),
    leaveOut: (itemId, why) => did((here, stands, at) => acts.leaveItemOut(here, stands, itemId, why, at)),
    putBack: (set) => did((here, _, at) => acts.putBack(here, set, at)),
    forward: (set) => did((here, stands, at) => acts.forward(here, stands, set, at)),
    again: () => did(acts.again),
    addSet: (itemId) => did((here, _, at) => acts.addSet(here, itemId, at)),
    addRound: (block) => did((here, _, at) => acts.addRound(here, block, at)),
    longer: (seconds) => did((here, _, at) => acts.restLonger(here, seconds, at)),
    pause: () => did((here, stands, at) => (stands.pausedAt === null ? acts.hold : acts.goOn)(here, stands, at)),
    cut: (minutes) => did((here, stands, at) => acts.cutTo(here, stands, minutes, at)),
    swap: (itemId, alternative, soFar) =>
      did((here, stands, at) => acts.swap(here, stands, itemId, alternative, at, soFar)),
    pick: (itemIds) => did((here, _, at) => acts.pick(here, itemIds, at)),
    pain: (where, what, soFar) => did((here, stands, at) => acts.pain(here, stands, { where, what, soFar }, at)),
    note: (words) => did((here, stands, at) => acts.note(here, stands, words, at)),
    undo: () => {
      const last = acts.lastAction(latest.current.session)
      if (last === null) return
      did((here, _, at) => acts.undo(here, madeHere(box), at))
      say(last.words)
    },
    end: () => did((here, _, at) => acts.end(here, at)),
    ranOn: (wasDone) => did((here, _, at) => (wasDone ? caughtUp(here, at) : notRun(here, at))),
  }
  return {
    run,
    now,
    behind: clock.behind(),
    hands,
    undoable: acts.lastAction(session),
    cue,
    unseen: isAsked ? ranOn : [],
  }
}

/** Repetitions so far where the clock counts at the tempo that is asked for. */
export function countedByClock(run: Run, now: number): number {
  const each = run.current?.item.secondsEach ?? 0
  return each > 0 ? Math.floor(workedMs(run, now) / 1000 / each) : 0
}
