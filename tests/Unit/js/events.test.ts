import { describe, expect, it } from 'vitest'
import type { Item, Session } from '../../../resources/js/shared/api'
import {
  eventOf,
  lastAction,
  newKey,
  setDone,
  withEvents,
  type FloorEvent,
} from '../../../resources/js/features/floor/events'
import { settled, type Outbox } from '../../../resources/js/features/floor/outbox'

const press = {
  id: 7,
  exercise: 'floor-press',
  setting: { implement: 'dumbbell', mass_kg: 8 },
  words: 'the 8 kg dumbbells',
  tempoParts: { lower: 4, pause: 0, lift: 1, top: 0 },
  rangeRatio: null,
  certainty: 'labelled',
  setLogs: [],
} as unknown as Item

const session = {
  id: 3,
  clientId: 2,
  state: 'planned',
  blocks: [{ id: 1, kind: 'straight', name: '', items: [press] }],
  skipped: [],
} as unknown as Session

const at = (minute: number) => new Date(Date.UTC(2026, 10, 26, 9, minute))
const done = { setNumber: 1, side: null, reps: 9, reserve: 2, pain: false, painNote: '' }
const logs = (of: Session) => of.blocks[0]?.items[0]?.setLogs ?? []

/** Small and seeded, so that every run is the same. */
function dice(seed: number): (sides: number) => number {
  let state = seed
  return (sides) => {
    state = (state * 1103515245 + 12345) % 2147483648
    return Math.floor((state / 2147483648) * sides)
  }
}

describe('what happens on the Floor', () => {
  it('says what was in the hand, when and where', () => {
    const event = setDone(session, press, done, at(5))
    expect(event).toMatchObject({
      kind: 'set-done',
      clientId: 2,
      sessionId: 3,
      itemId: 7,
      exercise: 'floor-press',
      setting: { implement: 'dumbbell', mass_kg: 8 },
      tempo: { lower: 4, pause: 0, lift: 1, top: 0 },
      at: '2026-11-26T09:05:00.000+00:00',
      reps: 9,
    })
    expect(event.zone).not.toBe('')
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

  it('shows at once what has not been sent', () => {
    const set = setDone(session, press, done, at(5))
    const now = withEvents(session, [eventOf(session, 'started', at(0)), set])
    expect(now.state).toBe('running')
    expect(logs(now)).toMatchObject([{ key: set.key, reps: 9 }])
    expect(withEvents(now, [eventOf(session, 'ended', at(9))]).state).toBe('done')
    expect(withEvents(session, [{ ...set, sessionId: 99 }])).toBe(session)
  })

  it('counts a set once that the application already has', () => {
    const set = setDone(session, press, done, at(5))
    expect(logs(withEvents(withEvents(session, [set]), [set]))).toHaveLength(1)
  })

  it('takes back the set, or the skip, that came last', () => {
    const set = setDone(session, press, done, at(5))
    const skip = eventOf(session, 'skipped', at(6), { itemId: 7, setNumber: 2, side: null })
    const both = withEvents(session, [set, skip])
    expect(lastAction(session)).toBeNull()
    expect(lastAction(both)).toEqual({ kind: 'skip', keys: [skip.key] })
    const back = withEvents(both, [eventOf(session, 'taken-up', at(7), { targetKey: skip.key })])
    expect(back.skipped).toEqual([])
    expect(logs(back)).toHaveLength(1)
    expect(lastAction(back)).toEqual({ kind: 'set', keys: [set.key] })
    expect(logs(withEvents(back, [eventOf(session, 'set-voided', at(8), { targetKey: set.key })]))).toEqual([])
  })

  it('takes back together what was left out together', () => {
    const skips = [2, 3].map((setNumber) => eventOf(session, 'skipped', at(6), { itemId: 7, setNumber, side: null }))
    const earlier = eventOf(session, 'skipped', at(5), { itemId: 7, setNumber: 1, side: null })
    expect(lastAction(withEvents(session, [earlier, ...skips]))).toEqual({
      kind: 'skip',
      keys: skips.map(({ key }) => key),
    })
  })
})

describe('the box of what is not sent', () => {
  const box = (events: FloorEvent[]): Outbox => ({ waiting: events, refused: [] })

  it('lets go of what was kept, and keeps what was refused with its reason', () => {
    const [one, two, three] = [0, 1, 2].map((minute) => setDone(session, press, done, at(minute))) as [
      FloorEvent,
      FloorEvent,
      FloorEvent,
    ]
    const after = settled(box([one, two, three]), {
      accepted: [one.key],
      refused: [{ key: two.key, field: 'lock', message: 'Ask a clinician first.' }],
    })
    expect(after.waiting).toEqual([three])
    expect(after.refused).toEqual([{ event: two, message: 'Ask a clinician first.' }])
  })

  it('loses nothing over a network that drops and repeats', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const roll = dice(seed)
      const kept = new Map<string, number>()
      let now = box([])
      const tapped: string[] = []
      for (let turn = 0; turn < 40 || now.waiting.length > 0; turn++) {
        if (turn < 40 && roll(2) === 0) {
          const event = setDone(session, press, done, at(turn))
          tapped.push(event.key)
          now = { ...now, waiting: [...now.waiting, event] }
        }
        const sent = now.waiting
        // One in three never arrives; of the others one in three is answered, but the answer is lost.
        if (turn < 200 && roll(3) === 0) continue
        for (const event of sent) kept.set(event.key, 1)
        if (turn < 200 && roll(3) === 0) continue
        now = { ...now, ...settled(now, { accepted: sent.map((event) => event.key), refused: [] }) }
      }
      expect([...kept.keys()].sort()).toEqual([...tapped].sort())
    }
  })
})
