import { describe, expect, it } from 'vitest'
import * as acts from '../../../resources/js/features/floor/run/acts'
import type { FloorEvent } from '../../../resources/js/features/floor/run/events'
import { withEvents } from '../../../resources/js/features/floor/run/overlay'
import { secondsUntilReady, whoseTurn, type Who } from '../../../resources/js/features/floor/run/pair'
import { runOf } from '../../../resources/js/features/floor/run/run'
import { seeded, sessionOf } from './floor'

const t0 = Date.parse('2026-11-27T08:00:00.000Z')
const s = (seconds: number) => t0 + 1000 * seconds

/** Two people with one kit, each with a session of their own. */
function household(sets: [number, number] = [3, 3]) {
  const sessions = sets.map((count, who) => ({
    ...sessionOf([{ items: [{ id: 10 + who, sets: count }], rest: 60 }]),
    id: who + 1,
  }))
  const runs = () => sessions.map(runOf) as [ReturnType<typeof runOf>, ReturnType<typeof runOf>]
  const happen = (who: Who, make: (session: (typeof sessions)[number]) => FloorEvent[]) => {
    const session = sessions[who]
    if (session !== undefined) sessions[who] = withEvents(session, make(session))
  }
  return {
    runs,
    turn: (shown: Who = 0) => whoseTurn(runs(), shown),
    begin: (who: Who, at: number) => happen(who, (session) => acts.begin(session, runOf(session), at)),
    done: (who: Who, at: number) => happen(who, (session) => acts.done(session, runOf(session), at, { reps: 8 })),
  }
}

describe('two people with one kit', () => {
  it('take turns: one works while the other rests', () => {
    const pair = household()
    expect(pair.turn()).toBe(0)
    pair.begin(0, s(0))
    expect(pair.turn(1)).toBe(0)
    pair.done(0, s(30))
    expect(pair.turn()).toBe(1)
    pair.begin(1, s(40))
    pair.done(1, s(70))
    expect(pair.turn()).toBe(0)
    expect(secondsUntilReady(pair.runs()[0], s(70))).toBe(20)
    expect(secondsUntilReady(pair.runs()[0], s(95))).toBe(0)
  })

  it('leave the one who is looked at where both work, and the one who is left where one is through', () => {
    const pair = household([1, 2])
    pair.begin(0, s(0))
    pair.begin(1, s(5))
    expect([pair.turn(0), pair.turn(1)]).toEqual([0, 1])
    pair.done(0, s(30))
    expect(pair.turn(0)).toBe(1)
    pair.done(1, s(40))
    expect(pair.runs()[0].phase).toBe('through')
    expect(pair.turn(0)).toBe(1)
  })

  it('come to the end together however the hands go, each set by whom it belongs to', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const chance = seeded(seed)
      const pair = household([1 + Math.floor(4 * chance()), 1 + Math.floor(4 * chance())])
      let at = 0
      for (let i = 0; pair.runs().some((run) => run.phase !== 'through'); i++) {
        expect(i).toBeLessThan(40)
        const who = chance() < 0.8 ? pair.turn() : chance() < 0.5 ? 0 : 1
        at += 20
        if (pair.runs()[who].phase === 'work') pair.done(who, s(at))
        else pair.begin(who, s(at))
      }
      for (const [who, run] of pair.runs().entries()) {
        expect(run.sets.every((set) => set.itemId === 10 + who && set.logs.length === 1)).toBe(true)
      }
    }
  })
})
