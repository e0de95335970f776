import { describe, expect, it } from 'vitest'
import { done, swap, undoSwap } from '../../../resources/js/features/floor/run/acts'
import { eventOf, newKey, sentAs, type FloorEvent } from '../../../resources/js/features/floor/run/events'
import { withEvents } from '../../../resources/js/features/floor/run/overlay'
import { runOf } from '../../../resources/js/features/floor/run/run'
import type { Session } from '../../../resources/js/shared/api'
import { alternativeOf, seeded, sessionOf } from './floor'

const at = (minute: number) => Date.UTC(2026, 10, 27, 8, minute)
const plan = () => sessionOf([{ items: [{ id: 7, sets: 3 }], rest: 60 }])
const logs = (of: Session) => of.blocks[0]?.items[0]?.setLogs ?? []

describe('what happens on the Floor', () => {
  it('says what was in the hand, when and where', () => {
    const [event] = done(plan(), runOf(plan()), at(5), { reps: 9 })
    expect(event).toMatchObject({
      kind: 'set-done',
      clientId: 2,
      sessionId: 1,
      itemId: 7,
      exercise: 'exercise-7',
      setting: { implement: 'dumbbell', mass_kg: 8 },
      at: '2026-11-27T08:05:00.000+00:00',
      setNumber: 1,
      reps: 9,
      pain: false,
    })
    expect(event?.zone).not.toBe('')
  })

  it('makes keys that are keys, with or without a secure context', () => {
    const pattern = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/
    expect(newKey()).toMatch(pattern)
    const kept = crypto.randomUUID
    Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true })
    expect(newKey()).toMatch(pattern)
    expect(newKey()).not.toBe(newKey())
    Object.defineProperty(crypto, 'randomUUID', { value: kept, configurable: true })
  })

  it('shows at once what has not been sent, of this session alone', () => {
    const session = { ...plan(), state: 'planned' as const }
    const set = done(session, runOf(session), at(5), { reps: 9 })
    const now = withEvents(session, [eventOf(session, 'started', at(0)), ...set])
    expect([now.state, now.startedAt]).toEqual(['running', session.startedAt])
    expect(logs(now)).toMatchObject([{ reps: 9 }])
    expect(withEvents(now, [eventOf(session, 'ended', at(9))])).toMatchObject({
      state: 'done',
      endedAt: '2026-11-27T08:09:00.000+00:00',
    })
    expect(
      withEvents(
        session,
        set.map((event) => ({ ...event, sessionId: 99 })),
      ),
    ).toBe(session)
  })

  it('takes back a set, a skip, and what was said of a set, in whatever order they stand', () => {
    const session = plan()
    const [set] = done(session, runOf(session), at(5), { reps: 9 })
    if (set === undefined) throw new Error('nothing done')
    const rated = eventOf(session, 'set-rated', at(6), { targetKey: set.key, reserve: 3 })
    const voided = eventOf(session, 'set-voided', at(7), { targetKey: set.key })
    const skip = eventOf(session, 'skipped', at(8), { itemId: 7, setNumber: 2, side: null })
    const back = eventOf(session, 'taken-up', at(9), { targetKey: skip.key })
    expect(logs(withEvents(session, [rated, set]))).toMatchObject([{ reserve: 3 }])
    expect(logs(withEvents(session, [voided, set, rated]))).toEqual([])
    expect(withEvents(session, [skip]).facts).toMatchObject([{ kind: 'skipped', setNumber: 2 }])
    expect(withEvents(session, [back, skip]).facts).toEqual([])
  })

  it('comes to the same whether the application knows some of it already', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const chance = seeded(seed)
      const events: FloorEvent[] = []
      let here = plan()
      const happen = (more: FloorEvent[]) => {
        events.push(...more)
        here = withEvents(here, more)
      }
      for (let i = 0; i < 5; i++) {
        const which = Math.floor(4 * chance())
        if (which === 0) happen(done(here, runOf(here), at(i), { reps: i }))
        if (which === 1) happen([eventOf(here, 'added', at(i), { itemId: 7 })])
        if (which === 2) happen([eventOf(here, 'rest-longer', at(i), { seconds: 15 })])
        if (which === 3) happen(swap(here, runOf(here), 7, alternativeOf(here, 7, `way ${i}`), at(i)))
      }
      // The application has taken the first ones and answers with them; the same ones are still on their way.
      const known = withEvents(plan(), events.slice(0, 2))
      const sets = (of: Session) => runOf(of).sets.map((set) => `${set.key} ${set.state} ${set.item.words}`)
      expect(sets(withEvents(known, events)), `seed ${seed}`).toEqual(sets(here))
    }
  })

  it('puts an exercise back as it was before the first swap', () => {
    const session = plan()
    const made = [...swap(session, runOf(session), 7, alternativeOf(session, 7, '6 kg'), at(1))]
    const once = withEvents(session, made)
    made.push(...swap(once, runOf(once), 7, alternativeOf(once, 7, '4 kg'), at(2)))
    const twice = withEvents(session, made)
    expect(twice.blocks[0]?.items[0]?.words).toBe('4 kg')
    const back = withEvents(twice, undoSwap(twice, 7, made, at(3)))
    expect(back.blocks[0]?.items[0]?.words).toBe('8 kg dumbbell in each hand')
    expect(back.facts.filter((fact) => fact.kind === 'swapped')).toEqual([])
    expect(runOf(back).sets).toHaveLength(3)
  })

  it('sends nothing that is for this device alone', () => {
    const session = plan()
    const [event] = swap(session, runOf(session), 7, alternativeOf(session, 7, '6 kg'), at(1))
    if (event === undefined) throw new Error('no swap')
    expect(Object.keys(sentAs(event))).toContain('instead')
    expect(Object.keys(sentAs(event))).not.toContain('shown')
    expect(Object.keys(event)).toContain('before')
  })
})
