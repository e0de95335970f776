import { describe, expect, it } from 'vitest'
import * as acts from '../../../resources/js/features/floor/run/acts'
import { withEvents } from '../../../resources/js/features/floor/run/overlay'
import { openSets, runOf } from '../../../resources/js/features/floor/run/run'
import { placeWords } from '../../../resources/js/features/floor/said'
import type { Session } from '../../../resources/js/shared/api'
import { sessionOf } from './floor'

const easy = 5
const t0 = Date.parse('2026-12-01T08:00:00.000Z')
const s = (seconds: number) => t0 + 1000 * seconds

/** Two tests from light to heavier: three steps and two. */
const first = () =>
  sessionOf([
    { kind: 'ramp', items: [{ id: 1 }, { id: 2 }, { id: 3 }], rest: 30 },
    { kind: 'ramp', items: [{ id: 4 }, { id: 5 }], rest: 30 },
  ])
const states = (session: Session) => runOf(session).sets.map(({ state }) => state)

/** One step done, and what was said of it. */
function step(session: Session, at: number, reserve: number): Session {
  const done = withEvents(session, acts.done(session, runOf(session), s(at), { reps: 6 }))
  const log = runOf(done).toRate[0]?.log
  if (log === undefined) throw new Error('nothing to rate')
  return said(withEvents(done, acts.rate(done, log, reserve, s(at + 5))), at + 5, reserve)
}

/** What the Floor does once a step was said to be enough. */
function said(session: Session, at: number, reserve: number): Session {
  const block = runOf(session).lastDone?.set.block
  if (block?.kind !== 'ramp' || reserve >= easy) return session
  return withEvents(session, acts.leaveBlockOut(session, runOf(session), block, s(at), 'enough'))
}

describe('a ramp', () => {
  it('goes on to what is heavier after "more"', () => {
    const after = step(first(), 30, easy)
    expect(states(after)).toEqual(['done', 'open', 'open', 'open', 'open'])
    expect(runOf(after).current?.itemId).toBe(2)
  })

  it('ends with "enough": the rest of it is not needed, and the next test follows', () => {
    const after = step(step(first(), 30, 5), 90, 3)
    expect(states(after)).toEqual(['done', 'done', 'not needed', 'open', 'open'])
    expect(runOf(after).current?.itemId).toBe(4)
    expect(after.blocks[0]?.items[1]?.setLogs[0]?.reserve).toBe(3)
  })

  it('brings back what was not needed with one Undo, and asks nothing twice', () => {
    const enough = step(first(), 30, 2)
    const back = withEvents(enough, acts.undo(enough, [], s(60)))
    expect(states(back)).toEqual(['done', 'open', 'open', 'open', 'open'])
    expect(runOf(back).toRate).toEqual([])
  })

  it('keeps its order, and says where it stands', () => {
    const run = runOf(first())
    const current = run.current
    if (current === null) throw new Error('nothing is left')
    expect(acts.canWait(run, current)).toBe(false)
    expect(placeWords(current)).toBe('step 1 of 3')
  })

  it('is through once every test said enough', () => {
    const after = step(step(first(), 30, 1), 90, 4)
    expect(openSets(runOf(after))).toEqual([])
    expect(runOf(after).phase).toBe('through')
  })
})

describe('anything else', () => {
  it('goes on whatever is said of a set', () => {
    const after = step(sessionOf([{ items: [{ id: 1, sets: 2 }, { id: 2 }], rest: 60 }]), 30, 0)
    expect(states(after)).toEqual(['done', 'open', 'open'])
  })
})
