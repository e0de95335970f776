import { describe, expect, it } from 'vitest'
import type { Item, Session, SetLog } from '../../../resources/js/shared/api'
import { nextStep, placedSteps, stepKey } from '../../../resources/js/features/floor/steps'

const item = (id: number, setLogs: SetLog[] = []) => ({ id, name: `exercise ${id}`, setLogs }) as unknown as Item
const log = (id: number, setNumber: number, side: string | null = null): SetLog => ({
  id,
  key: String(id),
  setNumber,
  side,
  reps: 10,
  reserve: 2,
  pain: false,
  painNote: '',
  loggedAt: '',
})

const work = (itemId: number, side: string | null = null) => ({
  kind: 'work',
  seconds: 30,
  words: '',
  itemId,
  setNumber: 1,
  side,
  endsSet: true,
  pickUp: [],
  putDown: [],
})
const pause = (kind: string, seconds: number, words = '') => ({
  ...work(0),
  kind,
  seconds,
  words,
  itemId: null,
  setNumber: null,
  endsSet: false,
})

const session = {
  id: 1,
  blocks: [{ id: 1, kind: 'straight', name: '', items: [item(1), item(2)] }],
  steps: [
    pause('change', 10, 'Take the band'),
    work(1),
    pause('rest', 50),
    pause('change', 10, 'Turn the chair'),
    work(2, 'left'),
    work(2, 'right'),
  ],
  skipped: [],
} as unknown as Session

const withLogs = (of: Session, itemId: number, ...logs: SetLog[]): Session => ({
  ...of,
  blocks: of.blocks.map((block) => ({
    ...block,
    items: block.items.map((one) => (one.id === itemId ? { ...one, setLogs: [...one.setLogs, ...logs] } : one)),
  })),
})
const without = (of: Session, itemId: number, side: string | null = null): Session => ({
  ...of,
  skipped: [...of.skipped, { key: `${itemId}${side}`, itemId, setNumber: 1, side, at: '' }],
})
const next = (of: Session) => {
  const step = nextStep(placedSteps(of))
  return step === null ? null : stepKey(step)
}

describe('the sets of a session', () => {
  it('begins with the first', () => expect(next(session)).toBe('1/1/'))

  it('goes on to the second side once the first is logged', () =>
    expect(next(withLogs(withLogs(session, 1, log(1, 1)), 2, log(2, 1, 'left')))).toBe('2/1/right'))

  it('passes what is set aside, and only that', () => expect(next(without(session, 1))).toBe('2/1/left'))

  it('is through when every set is logged or set aside', () =>
    expect(next(without(without(withLogs(session, 1, log(1, 1)), 2, 'left'), 2, 'right'))).toBeNull())

  it('takes a logged set as logged even where it was set aside before', () => {
    const steps = placedSteps(withLogs(without(session, 1), 1, log(1, 1)))
    expect(steps[0]?.skipped).toBe(false)
    expect(steps[0]?.log?.id).toBe(1)
  })

  it('asks for no set again where a swap turned sides into one, or one into sides', () => {
    expect(next(withLogs(withLogs(session, 1, log(1, 1)), 2, log(2, 1)))).toBeNull()
    expect(next(withLogs(session, 1, log(1, 1, 'right')))).toBe('2/1/left')
  })

  it('rests for the rest and the change together, and says the change', () => {
    const [first, left, right] = placedSteps(session)
    expect([first?.restSeconds, left?.restSeconds, right?.restSeconds]).toEqual([60, 0, 0])
    expect(first?.then).toEqual(['Turn the chair'])
  })

  it('logs a set of two phases once, at its end', () => {
    const phases = { ...session, steps: [{ ...work(1), endsSet: false }, pause('announce', 0, 'Now both'), work(1)] }
    expect(placedSteps(phases as unknown as Session)).toHaveLength(1)
  })
})
