import type { Session } from '../../../shared/api'
import { due, hold, notBegun } from './acts'
import type { FloorEvent } from './events'
import { withEvents } from './overlay'
import { endsByClock, goesOn, heldBetween, restLeftMs, runOf } from './run'

/** More than a session can have; a clock that never stops is a mistake of ours. */
const most = 400

/** All that the clock alone has done until now, in order, each at its exact moment, however long nobody looked. */
export function caughtUp(session: Session, now: number): FloorEvent[] {
  const events: FloorEvent[] = []
  for (let here = session; events.length < most;) {
    const more = due(here, runOf(here), now)
    if (more.length === 0) return events
    events.push(...more)
    here = withEvents(here, more)
  }
  return events
}

/** A machine that stands still for a moment still showed what ran; what is older than this nobody saw, milliseconds. */
const unseenAfterMs = 12_000

/** True where the clock alone would have gone on while nobody could see it: then somebody is asked what was done. */
export const isUnseen = (ranOn: FloorEvent[], now: number): boolean =>
  ranOn.some((event) => Date.parse(event.at) < now - unseenAfterMs)

/** Nothing of what would have run unseen was done: the clock is held where it stands. */
export function notRun(session: Session, now: number): FloorEvent[] {
  const run = runOf(session)
  return [...(run.current === null ? [] : notBegun(session, run.current, now)), ...hold(session, run, now)]
}

/** Something to be heard at a moment. */
export interface Cue {
  /** Milliseconds since 1970. */
  at: number
  kind: 'start' | 'count' | 'half' | 'switch' | 'end' | 'rest-over'
  /** Spoken, where the device can. */
  words: string
}

const countFrom = 3

function countdown(until: number): Cue[] {
  return Array.from({ length: countFrom }, (_, index) => ({
    at: until - 1000 * (countFrom - index),
    kind: 'count',
    words: '',
  }))
}

/** What the clock will have to say until then, if nobody touches anything: it can be set before the device sleeps. */
export function cuesUntil(session: Session, now: number, horizonMs: number): Cue[] {
  const cues: Cue[] = []
  let here = session
  for (let i = 0; i < most; i++) {
    const run = runOf(here)
    const set = run.current
    if (set === null || run.pausedAt !== null || here.state !== 'running') break
    if (run.phase === 'work' && run.begunAt !== null) {
      const from = run.begunAt + heldBetween(run.pauses, run.begunAt, now)
      const to = from + 1000 * set.seconds
      if (from >= now - 500) cues.push({ at: from, kind: 'start', words: set.announce ?? set.side ?? '' })
      let switchAt = from
      for (const [index, part] of set.parts.entries()) {
        if (index > 0) cues.push({ at: switchAt, kind: 'switch', words: part.announce ?? 'Switch' })
        switchAt += 1000 * part.seconds
      }
      if (endsByClock(set)) {
        if (set.parts.length === 1 && set.seconds >= 20) {
          cues.push({ at: from + 500 * set.seconds, kind: 'half', words: 'Half time' })
        }
        cues.push(...countdown(to), { at: to, kind: 'end', words: 'Rest' })
      } else if (set.parts[0]?.counting === 'up' && set.parts.length === 1) {
        cues.push({ at: to, kind: 'end', words: 'That is the cap' })
      }
    } else if (run.phase === 'rest' && run.lastDone !== null) {
      const over = now + restLeftMs(run, now)
      const isAlone = !goesOn(run.lastDone.set, set)
      cues.push(...countdown(over))
      if (isAlone) cues.push({ at: over, kind: 'rest-over', words: `Next: ${set.item.name}` })
    }
    const more = due(here, run, now + horizonMs)
    if (more.length === 0) break
    here = withEvents(here, more)
  }
  return cues.filter(({ at }) => at >= now - 500 && at <= now + horizonMs)
}
