import type { Alternative, Block, Item, Session, SetLog } from '../../../shared/api'
import { eventOf, keyFrom, type FloorEvent, type Shown } from './events'
import { withEvents } from './overlay'
import { endsByClock, goesOn, openSets, restLeftMs, runOf, workedMs, type Run } from './run'
import { placedSets, setKey, type PlacedSet } from './sets'

/*
 * What somebody does, or the clock, as events. Each is a plain function of where the session stands, so that it can be
 * tried with random hands.
 */

const ofSet = ({ itemId, setNumber, side }: Pick<PlacedSet, 'itemId' | 'setNumber' | 'side'>) => ({
  itemId,
  setNumber,
  side,
})

/** What was really in the hand: nothing about it is looked up later. */
const inHand = (item: Item) => ({
  exercise: item.exercise,
  setting: item.setting,
  words: item.servable ? item.words : `${item.words} (not on the shelf)`,
  tempo: item.tempoParts,
  rangeRatio: item.rangeRatio,
  certainty: item.certainty,
})

export const begin = (session: Session, run: Run, now: number): FloorEvent[] =>
  run.current === null || run.phase === 'work' || run.phase === 'choose'
    ? []
    : [...goOn(session, run, now), eventOf(session, 'set-begun', now, ofSet(run.current))]

export interface Counted {
  /** Null where nobody counted. */
  reps: number | null
  seconds?: number
  pain?: boolean
  painNote?: string
}

/** The set that runs, or is next, is done. */
export function done(session: Session, run: Run, now: number, counted: Counted): FloorEvent[] {
  const set = run.current
  if (set === null || run.menu !== null) return []
  return [
    ...goOn(session, run, now),
    eventOf(session, 'set-done', now, {
      ...ofSet(set),
      ...inHand(set.item),
      pain: false,
      painNote: '',
      // A hold for as long as it is clean leaves nothing in reserve.
      ...(set.item.isHold && set.parts.every((part) => part.counting === 'up') ? { reserve: 0 } : {}),
      ...counted,
    }),
  ]
}

/** Nobody works or rests for so long: the session was left, and the clock decides nothing in it any more. */
const leftAfterMs = 45 * 60_000

/** What a hand does to the order, to what is done, or to the clock itself. */
const byHand = ['moved', 'skipped', 'redone', 'added', 'swapped', 'picked', 'went-on', 'resumed']

/** When a hand last put something elsewhere, milliseconds since 1970: the clock begins nothing before that moment. */
const lastByHand = (session: Session): number =>
  Math.max(0, ...session.facts.filter(({ kind }) => byHand.includes(kind)).map(({ at }) => Date.parse(at)))

/**
 * What the clock alone does until now: sets that are over, and those that begin by themselves. At most one thing.
 *
 * A set begins by itself only at the moment when it was shown to: where a hand has changed what comes next after that
 * moment, the block waits until somebody begins it. What the clock does has the same keys on every device that looks at
 * the session, so that two of them record it once.
 */
export function due(session: Session, run: Run, now: number): FloorEvent[] {
  const set = run.current
  if (set === null || run.pausedAt !== null || session.state !== 'running') return []
  if (run.phase === 'work' && run.begunAt !== null) {
    if (workedMs(run, now) > leftAfterMs) return notBegun(session, set, now)
    const isCapped = endsByClock(set) || (set.parts.length === 1 && set.parts[0]?.counting === 'up')
    const over = workedMs(run, now) - 1000 * set.seconds
    if (!isCapped || over < 0) return []
    const ended = done(session, run, now - over, {
      reps: set.item.isHold ? set.seconds : null,
      seconds: set.seconds,
    })
    return ended.map((event) => ({ ...event, key: keyFrom(`${run.begunKey ?? ''} ends`) }))
  }
  const last = run.lastDone
  if (last === null || !goesOn(last.set, set) || (run.phase !== 'rest' && run.phase !== 'ready')) return []
  const left = restLeftMs(run, now)
  if (left > 0 || left < -leftAfterMs || now + left < lastByHand(session)) return []
  return [{ ...eventOf(session, 'set-begun', now + left, ofSet(set)), key: keyFrom(`${last.log.key} then ${set.key}`) }]
}

/**
 * What a hand takes back does not come again by itself: where the clock would at once do something, it is held until
 * somebody begins.
 */
function andHold(session: Session, events: FloorEvent[], now: number): FloorEvent[] {
  const after = withEvents(session, events)
  return due(after, runOf(after), now).length === 0 ? events : [...events, ...hold(after, runOf(after), now)]
}

export const rate = (session: Session, log: SetLog, reserve: number, now: number): FloorEvent[] => [
  eventOf(session, 'set-rated', now, { targetKey: log.key, reserve }),
]

/** True where what a set says is what its exercise still is: then its count can be put right. */
export const isAsNow = (item: Item, log: SetLog): boolean =>
  log.exercise === item.exercise && (log.words === '' || log.words === inHand(item).words)

/** True where a load of one's own can be said: something that has a mass was in the hand or on the back. */
export const hasMass = (item: Item): boolean => typeof item.setting.mass_kg === 'number'

/** The same exercise with a load of another weight, as somebody read it off; the application reckons what it came to. */
function withMass(item: Item, massKg: number): Item {
  const words = `${massKg} kg${item.setting.per_hand === true ? ' in each hand' : ''}, as said on the day`
  return { ...item, setting: { ...item.setting, mass_kg: massKg }, words, certainty: 'labelled' }
}

/** A set said anew, with another count or something else in the hand; what was said first is taken back, not changed. */
export function correct(
  session: Session,
  item: Item,
  log: SetLog,
  right: { reps?: number | null; reserve?: number; alternative?: Alternative; massKg?: number },
  now: number,
): FloorEvent[] {
  const other = right.alternative === undefined ? item : right.alternative.item
  const hand = right.massKg === undefined ? other : withMass(other, right.massKg)
  return [
    eventOf(session, 'set-voided', now, { targetKey: log.key }),
    eventOf(session, 'set-done', Date.parse(log.loggedAt), {
      itemId: item.id,
      setNumber: log.setNumber,
      side: log.side,
      ...inHand(hand),
      reps: right.reps === undefined ? log.reps : right.reps,
      reserve: right.reserve ?? log.reserve,
      pain: log.pain,
      painNote: log.painNote,
      ...(log.seconds === null ? {} : { seconds: log.seconds }),
    }),
  ]
}

/** What is left of a set: both its sides where they are done apart, in their order. */
export const bothSides = (run: Run, set: PlacedSet): PlacedSet[] =>
  openSets(run).filter((one) => one.itemId === set.itemId && one.setNumber === set.setNumber)

/** True where a set can wait: something else of its round is still to come, and it has not been put off before. A ramp has one order. */
export function canWait(run: Run, set: PlacedSet): boolean {
  return (
    !set.isPostponed &&
    set.block.kind !== 'ramp' &&
    openSets(run).some(
      (other) =>
        other.block.id === set.block.id &&
        other.itemId !== set.itemId &&
        (!set.block.goesRound || other.setNumber === set.setNumber),
    )
  )
}

/** What had begun has not, once something else takes its turn: its clock would run on. */
export const notBegun = (session: Session, set: PlacedSet, now: number): FloorEvent[] =>
  session.facts
    .filter((fact) => fact.kind === 'set-begun' && setKey(fact) === set.key)
    .map((fact) => eventOf(session, 'taken-up', now, { targetKey: fact.key }))

/**
 * What is next stands at the end of its round; where sets follow each other, all that are left of the exercise stand at
 * the end of the block. One moment for all, so that Undo brings them back together.
 */
export function later(session: Session, run: Run, now: number): FloorEvent[] {
  const set = run.current
  if (set === null) return []
  const those = set.block.goesRound ? bothSides(run, set) : openSets(run).filter((other) => other.itemId === set.itemId)
  return [
    ...notBegun(session, set, now),
    ...those.map((one) => eventOf(session, 'moved', now, { ...ofSet(one), to: 'later' })),
  ]
}

/** Done next, before all that is left; both sides, since what was moved last comes first. */
export function forward(session: Session, run: Run, set: PlacedSet, now: number): FloorEvent[] {
  const others = bothSides(run, set).filter((one) => one.key !== set.key)
  return [
    ...(run.current === null ? [] : notBegun(session, run.current, now)),
    ...[...others].reverse().map((one) => eventOf(session, 'moved', now, { ...ofSet(one), to: 'now' })),
    eventOf(session, 'moved', now, { ...ofSet(set), to: 'now' }),
  ]
}

/** Sets that are left out today; one moment for all, so that Undo brings them back together. */
export const leaveOut = (session: Session, sets: PlacedSet[], why: string, now: number): FloorEvent[] => [
  ...sets.flatMap((set) => notBegun(session, set, now)),
  ...sets.map((set) => eventOf(session, 'skipped', now, { ...ofSet(set), why })),
]

export const leaveItemOut = (session: Session, run: Run, itemId: number, why: string, now: number): FloorEvent[] =>
  leaveOut(
    session,
    openSets(run).filter((set) => set.itemId === itemId),
    why,
    now,
  )

export const leaveBlockOut = (
  session: Session,
  run: Run,
  block: Block,
  now: number,
  why: 'left-out' | 'enough' = 'left-out',
): FloorEvent[] =>
  leaveOut(
    session,
    openSets(run).filter((set) => set.block.id === block.id),
    why,
    now,
  )

/** Brings back what was left out: it stands where it stood. */
export function putBack(session: Session, set: PlacedSet, now: number): FloorEvent[] {
  const back = session.facts
    .filter((fact) => fact.kind === 'skipped' && setKey(fact) === set.key)
    .map((fact) => eventOf(session, 'taken-up', now, { targetKey: fact.key }))
  return andHold(session, back, now)
}

/** The last set once more, now; what was done stays done. */
export function again(session: Session, run: Run, now: number): FloorEvent[] {
  const set = run.lastDone?.set
  if (set === undefined) return []
  return [eventOf(session, 'redone', now, ofSet(set)), ...forward(session, run, set, now)]
}

export const addSet = (session: Session, itemId: number, now: number): FloorEvent[] => [
  eventOf(session, 'added', now, { itemId }),
]

export const addRound = (session: Session, block: Block, now: number): FloorEvent[] =>
  block.items.filter((item) => item.leftOut === null).flatMap((item) => addSet(session, item.id, now))

export const restLonger = (session: Session, seconds: number, now: number): FloorEvent[] => [
  eventOf(session, 'rest-longer', now, { seconds }),
]

export const hold = (session: Session, run: Run, now: number): FloorEvent[] =>
  run.pausedAt === null ? [eventOf(session, 'paused', now)] : []

export const goOn = (session: Session, run: Run, now: number): FloorEvent[] =>
  run.pausedAt === null ? [] : [eventOf(session, 'went-on', now)]

/** Words about what is done now, for whoever reads the record. */
export const note = (session: Session, run: Run, words: string, now: number): FloorEvent[] => [
  eventOf(session, 'note', now, {
    note: words,
    ...(run.current === null ? {} : { itemId: run.current.itemId, setNumber: run.current.setNumber }),
  }),
]

export const pick = (session: Session, itemIds: number[], now: number): FloorEvent[] => [
  eventOf(session, 'picked', now, { itemIds }),
]

export const end = (session: Session, now: number): FloorEvent[] => [eventOf(session, 'ended', now)]

/** Seconds that what is left would take. */
export const secondsLeft = (run: Run): number =>
  openSets(run).reduce((sum, set) => sum + set.seconds + set.restAfter, 0)

/** Gives up what counts least, in the order the plan gave, until what is left fits. */
export function cutTo(session: Session, run: Run, minutes: number, now: number): FloorEvent[] {
  let left = openSets(run)
  const gone: PlacedSet[] = []
  const seconds = () => left.reduce((sum, set) => sum + set.seconds + set.restAfter, 0)
  for (const { itemId, sets } of session.shedding) {
    if (seconds() <= 60 * minutes) break
    const goes = left.filter((set) => set.itemId === itemId && set.setNumber > sets)
    if (goes.length === left.length) continue
    gone.push(...goes)
    left = left.filter((set) => !goes.includes(set))
  }
  return leaveOut(session, gone, 'cut', now)
}

/** How an exercise looks now, for bringing it back. */
export function shownNow(session: Session, itemId: number): Shown | undefined {
  const item = session.blocks.flatMap((block) => block.items).find((one) => one.id === itemId)
  if (item === undefined) return undefined
  const steps = session.steps.filter(
    (step) => step.itemId === itemId && (step.kind === 'work' || step.kind === 'announce'),
  )
  return { item, steps }
}

/**
 * Something else from now on. In the middle of a set, what was counted so far is a set of its own, and the rest of it is
 * done the other way.
 */
export function swap(
  session: Session,
  run: Run,
  itemId: number,
  { item, steps, instead, reasons }: Alternative,
  now: number,
  soFar = 0,
): FloorEvent[] {
  const before = shownNow(session, itemId)
  const isNow = run.phase === 'work' && run.current?.itemId === itemId && soFar > 0
  return [
    ...(isNow && run.current !== null
      ? [
          ...done(session, run, now, { reps: soFar }),
          eventOf(session, 'redone', now, ofSet(run.current)),
          ...forward(session, run, run.current, now),
        ]
      : []),
    eventOf(session, 'swapped', now, {
      itemId,
      instead,
      why: reasons.join(' ').slice(0, 500),
      shown: { item: { ...item, id: itemId }, steps },
      ...(before === undefined ? {} : { before }),
    }),
    ...(isNow && run.current !== null ? [eventOf(session, 'set-begun', now, ofSet(run.current))] : []),
  ]
}

/** Pain stops the set: what was done of it is kept, with where and what kind it was. */
export function pain(
  session: Session,
  run: Run,
  at: { where: string; what: string; soFar: number },
  now: number,
): FloorEvent[] {
  const set = run.phase === 'work' ? run.current : (run.lastDone?.set ?? run.current)
  if (set === null) return []
  const note = [at.where, at.what].filter((words) => words !== '').join(', ')
  const said = eventOf(session, 'pain', now, { ...ofSet(set), where: at.where, what: at.what, note })
  return run.phase === 'work'
    ? [said, ...done(session, run, now, { reps: at.soFar, pain: true, painNote: note.slice(0, 200) })]
    : [said]
}

const undone: Record<string, string> = {
  set: 'The last set is taken back',
  skipped: 'What was left out is back',
  moved: 'The order is as it was',
  swapped: 'The swap is taken back',
  added: 'The set that was added is gone',
  redone: 'Not once more, then',
  picked: 'Choose again',
}

interface Action {
  kind: string
  keys: string[]
  words: string
}

/** What was done last, with all that was done in the same moment: that is what Undo takes back; null where nothing was. */
export function lastAction(session: Session): Action | null {
  const logs = session.blocks.flatMap((block) => block.items.flatMap((item) => item.setLogs))
  const actions = [
    ...logs.map((log) => ({ kind: 'set', key: log.key, at: Date.parse(log.loggedAt) })),
    ...session.facts
      .filter((fact) => fact.kind in undone)
      .map((fact) => ({ kind: fact.kind, key: fact.key, at: Date.parse(fact.at) })),
  ]
  const newest = actions.reduce<(typeof actions)[number] | null>(
    (last, one) => (last === null || one.at >= last.at ? one : last),
    null,
  )
  if (newest === null) return null
  const together = actions.filter(({ at }) => at === newest.at)
  const kind = together.find((one) => one.kind === 'swapped')?.kind ?? newest.kind
  return { kind, keys: together.map(({ key }) => key), words: undone[kind] ?? 'Taken back' }
}

/**
 * Takes back what was done last.
 *
 * @param made What this device made of the session, for how an exercise looked before it was swapped.
 */
export function undo(session: Session, made: FloorEvent[], now: number): FloorEvent[] {
  const last = lastAction(session)
  if (last === null) return []
  const logs = session.blocks.flatMap((block) => block.items.flatMap((item) => item.setLogs))
  const back = last.keys.flatMap((targetKey) => {
    const log = logs.find((one) => one.key === targetKey)
    if (log === undefined) {
      const before = made.find((event) => event.key === targetKey)?.before
      return [eventOf(session, 'taken-up', now, { targetKey, ...(before === undefined ? {} : { shown: before }) })]
    }
    const item = session.blocks.flatMap((block) => block.items).find((one) => one.setLogs.includes(log))
    const key = setKey({ itemId: item?.id ?? 0, setNumber: log.setNumber, side: log.side })
    const set = placedSets(session).find((one) => one.key === key)
    // The clock of the set does not run on from when it first began.
    return [
      eventOf(session, 'set-voided', now, { targetKey }),
      ...(set === undefined ? [] : notBegun(session, set, now)),
    ]
  })
  return andHold(session, back, now)
}

/** Puts one exercise back as it was before anything took its place on this day. */
export function undoSwap(session: Session, itemId: number, made: FloorEvent[], now: number): FloorEvent[] {
  const swaps = session.facts.filter((fact) => fact.kind === 'swapped' && fact.itemId === itemId)
  const first = made.find((event) => event.key === swaps[0]?.key)?.before
  return swaps.map((fact, index) =>
    eventOf(session, 'taken-up', now, {
      targetKey: fact.key,
      ...(index === swaps.length - 1 && first !== undefined ? { shown: first } : {}),
    }),
  )
}
