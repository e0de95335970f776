import type { Block, Session, SetLog } from '../../../shared/api'
import { picked, placedSets, setKey, type Part, type PlacedSet } from './sets'

interface LoggedSet {
  log: SetLog
  set: PlacedSet
  /** Milliseconds since 1970. */
  at: number
}

/** Where a session stands; all of it follows from what happened. */
export interface Run {
  /** All sets in the order in which they are done. */
  sets: PlacedSet[]
  /** What is done now or next; null when nothing is left. */
  current: PlacedSet | null
  phase: 'choose' | 'ready' | 'work' | 'rest' | 'through'
  /** The menu to choose from, while somebody chooses. */
  menu: Block | null
  /** When the work began, milliseconds since 1970; null where nobody works. */
  begunAt: number | null
  /** The key of what began it. */
  begunKey: string | null
  /** When the last set ended and how long its rest is, seconds, with what was added. */
  lastDone: LoggedSet | null
  restSeconds: number
  /** When the pause began that holds the clock now, milliseconds since 1970; null where it runs. */
  pausedAt: number | null
  pauses: [number, number | null][]
  /** Sets since the last rest of which nobody has said how hard they were. */
  toRate: LoggedSet[]
}

const time = (at: string): number => Date.parse(at)

function pausesOf(session: Session): [number, number | null][] {
  const pauses: [number, number | null][] = []
  for (const { kind, at } of session.facts) {
    const open = pauses.at(-1)
    if (kind === 'paused' && (open === undefined || open[1] !== null)) pauses.push([time(at), null])
    if (kind === 'went-on' && open !== undefined && open[1] === null) open[1] = time(at)
  }
  return pauses
}

/** How long the clock was held between two moments, milliseconds. */
export function heldBetween(pauses: [number, number | null][], from: number, to: number): number {
  return pauses.reduce((sum, [begun, ended]) => sum + Math.max(0, Math.min(ended ?? to, to) - Math.max(begun, from)), 0)
}

function logged(sets: PlacedSet[]): LoggedSet[] {
  return sets
    .flatMap((set) => set.logs.map((log) => ({ log, set, at: time(log.loggedAt) })))
    .sort((one, two) => one.at - two.at)
}

/** How hard it was is asked of work that somebody counts, not of what loosens or is held. */
export const isRated = (set: PlacedSet): boolean => !set.block.isFrame && !set.item.isHold

/** A pause long enough to be asked in, seconds; shorter ones are no time for questions. */
const timeToAsk = 30
const mostAsked = 6

/** The sets since the last rest that was long enough, with nothing said of them. */
function unrated(all: LoggedSet[]): LoggedSet[] {
  const newestFirst = [...all].reverse()
  const before = newestFirst.findIndex(({ set }, index) => index > 0 && set.restAfter >= timeToAsk)
  return newestFirst
    .slice(0, before === -1 ? mostAsked : Math.min(before, mostAsked))
    .reverse()
    .filter(({ log, set }) => log.reserve === null && !log.pain && isRated(set))
}

function phaseOf(current: PlacedSet | null, menu: Block | null, isBegun: boolean, restSeconds: number): Run['phase'] {
  if (current === null) return 'through'
  if (menu !== null) return 'choose'
  if (isBegun) return 'work'
  return restSeconds > 0 ? 'rest' : 'ready'
}

export function runOf(session: Session): Run {
  const sets = placedSets(session)
  const current = sets.find((set) => set.state === 'open') ?? null
  const all = logged(sets)
  const lastDone = all.at(-1) ?? null
  const pauses = pausesOf(session)
  const pausedAt = pauses.at(-1)?.[1] === null ? (pauses.at(-1)?.[0] ?? null) : null
  const menu =
    current !== null && current.block.pick !== null && picked(current.block, session.facts) === null
      ? current.block
      : null
  const begun = session.facts
    .filter((fact) => fact.kind === 'set-begun' && current !== null && setKey(fact) === current.key)
    .filter((fact) => lastDone === null || time(fact.at) >= lastDone.at)
    .at(-1)
  const longer = session.facts
    .filter((fact) => fact.kind === 'rest-longer' && lastDone !== null && time(fact.at) >= lastDone.at)
    .reduce((sum, fact) => sum + (fact.seconds ?? 0), 0)
  const restSeconds = lastDone === null ? 0 : lastDone.set.restAfter + longer
  const phase = phaseOf(current, menu, begun !== undefined, restSeconds)
  return {
    sets,
    current,
    phase,
    menu,
    begunAt: phase === 'work' && begun !== undefined ? time(begun.at) : null,
    begunKey: phase === 'work' && begun !== undefined ? begun.key : null,
    lastDone,
    restSeconds,
    pausedAt,
    pauses,
    toRate: unrated(all),
  }
}

/** Milliseconds of work so far; the clock stands while it is held. */
export function workedMs(run: Run, now: number): number {
  return run.begunAt === null ? 0 : now - run.begunAt - heldBetween(run.pauses, run.begunAt, now)
}

/** Milliseconds of rest that are left; below nothing once it is over. */
export function restLeftMs(run: Run, now: number): number {
  if (run.lastDone === null) return 0
  const from = run.lastDone.at
  return from + 1000 * run.restSeconds + heldBetween(run.pauses, from, now) - now
}

/** Which part of a set runs, and how far it is, milliseconds. */
export function partAt(set: PlacedSet, workedFor: number): { part: Part; index: number; intoMs: number } | null {
  let into = workedFor
  for (const [index, part] of set.parts.entries()) {
    if (into < 1000 * part.seconds || index === set.parts.length - 1) return { part, index, intoMs: into }
    into -= 1000 * part.seconds
  }
  return null
}

/** True where the clock ends a set, and not somebody who counts or gives in. */
export const endsByClock = (set: PlacedSet): boolean => set.parts.every((part) => part.counting === 'down')

/** True where the clock goes from one set on to the next by itself. */
export function goesOn(from: PlacedSet, to: PlacedSet): boolean {
  if (from.block.id !== to.block.id) return false
  return (
    from.block.byClock || (from.restAfter === 0 && to.follows === from.key && to.parts[0]?.counting === 'repetitions')
  )
}

/** Sets that are neither through nor set aside. */
export const openSets = (run: Run): PlacedSet[] => run.sets.filter((set) => set.state === 'open')
