import { describe, expect, it } from 'vitest'
import type { Item, Session, SetLog } from '../../../resources/js/shared/api'
import { withLog } from '../../../resources/js/features/floor/queries'
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

const session = {
  id: 1,
  blocks: [{ id: 1, kind: 'straight', name: '', items: [item(1), item(2)] }],
  steps: [
    { itemId: 1, setNumber: 1, side: null, restSeconds: 60 },
    { itemId: 2, setNumber: 1, side: 'left', restSeconds: 0 },
    { itemId: 2, setNumber: 1, side: 'right', restSeconds: 60 },
  ],
} as unknown as Session

const none: ReadonlySet<string> = new Set()
const next = (of: Session, skipped = none) => {
  const step = nextStep(placedSteps(of, skipped))
  return step === null ? null : stepKey(step)
}

describe('the sets of a session', () => {
  it('begins with the first', () => expect(next(session)).toBe('1/1/'))

  it('goes on to the second side once the first is logged', () => {
    const after = withLog(withLog(session, 1, log(1, 1)), 2, log(2, 1, 'left'))
    expect(next(after)).toBe('2/1/right')
  })

  it('passes what is set aside, and only that', () => expect(next(session, new Set(['1/1/']))).toBe('2/1/left'))

  it('is through when every set is logged or set aside', () => {
    const after = withLog(session, 1, log(1, 1))
    expect(next(after, new Set(['2/1/left', '2/1/right']))).toBeNull()
  })

  it('takes a logged set as logged even where it was set aside before', () => {
    const steps = placedSteps(withLog(session, 1, log(1, 1)), new Set(['1/1/']))
    expect(steps[0]?.skipped).toBe(false)
    expect(steps[0]?.log?.id).toBe(1)
  })

  it('asks for no set again where a swap turned sides into one, or one into sides', () => {
    const both = withLog(withLog(session, 1, log(1, 1)), 2, log(2, 1))
    expect(next(both)).toBeNull()
    const oneSide = withLog(session, 1, log(1, 1, 'right'))
    expect(next(oneSide)).toBe('2/1/left')
  })

  it('counts a set that arrives twice once', () => {
    const twice = withLog(withLog(session, 1, log(1, 1)), 1, log(1, 1))
    expect(twice.blocks[0]?.items[0]?.setLogs).toHaveLength(1)
  })
})
