import { describe, expect, it } from 'vitest'
import { EditQueue, type Waiting } from '../../../resources/js/features/programme/editor/queue'

const change = (kind: string): Waiting => ({ edit: { kind } })

/** A queue whose answers are given by hand, and what it said meanwhile. */
function byHand() {
  const sent: { change: Waiting; answer: (sheet: number) => void; refuse: (error: Error) => void }[] = []
  const said: string[] = []
  const queue = new EditQueue<number>(
    (one) => new Promise((answer, refuse) => sent.push({ change: one, answer, refuse })),
    {
      onMade: (sheet) => said.push(`made ${sheet}`),
      onRefused: (one, error) => {
        said.push(`refused ${typeof one === 'string' ? one : one.edit.kind}: ${(error as Error).message}`)
      },
      onBusy: (isBusy) => said.push(isBusy ? 'busy' : 'free'),
      onIdle: (hasChanged) => said.push(hasChanged ? 'idle, changed' : 'idle'),
    },
  )
  return { queue, sent, said }
}

/** Lets everything that has been answered be heard. */
const settled = () => new Promise<void>((done) => setTimeout(done))

describe('changes of a week', () => {
  it('are sent one at a time and in order', async () => {
    const { queue, sent, said } = byHand()
    const made = [queue.push(change('first')), queue.push('undo'), queue.push(change('third'))]
    await settled()
    expect(sent.map((one) => one.change)).toEqual([change('first')])
    sent[0]?.answer(2)
    await settled()
    expect(sent.map((one) => one.change)).toEqual([change('first'), 'undo'])
    sent[1]?.answer(3)
    await settled()
    sent[2]?.answer(4)
    expect(await Promise.all(made)).toEqual([true, true, true])
    await settled()
    expect(said).toEqual(['busy', 'made 2', 'made 3', 'made 4', 'free', 'idle, changed'])
  })

  it('let go of what waited behind one that is refused, and say so to each', async () => {
    const { queue, sent, said } = byHand()
    const made = [queue.push(change('stale')), queue.push(change('behind')), queue.push('redo')]
    await settled()
    sent[0]?.refuse(new Error('changed in another window'))
    expect(await Promise.all(made)).toEqual([false, false, false])
    await settled()
    expect(sent).toHaveLength(1)
    expect(said).toEqual(['busy', 'refused stale: changed in another window', 'free', 'idle'])
  })

  it('go on after a refusal with what is asked next', async () => {
    const { queue, sent, said } = byHand()
    const first = queue.push(change('refused'))
    await settled()
    sent[0]?.refuse(new Error('no'))
    expect(await first).toBe(false)
    await settled()
    const second = queue.push(change('again'))
    await settled()
    sent[1]?.answer(7)
    expect(await second).toBe(true)
    await settled()
    expect(said.slice(-3)).toEqual(['made 7', 'free', 'idle, changed'])
  })

  it.each([1, 2, 3, 4, 5])('are each made once or refused once, whatever comes in between (%i)', async (seed) => {
    let state = seed * 7919
    const chance = (of: number) => {
      state = (state * 1103515245 + 12345) % 2147483648
      return state % of
    }
    const sent: number[] = []
    const queue = new EditQueue<number>(
      async (one) => {
        for (let i = chance(4); i > 0; i--) await Promise.resolve()
        sent.push(Number(typeof one === 'string' ? -1 : one.edit.kind))
        if (chance(4) === 0) throw new Error('refused')
        return 1
      },
      { onMade: () => undefined, onRefused: () => undefined, onBusy: () => undefined, onIdle: () => undefined },
    )
    const answers: Promise<boolean>[] = []
    for (let i = 0; i < 40; i++) {
      answers.push(queue.push(change(String(i))))
      if (chance(3) === 0) await settled()
    }
    const made = await Promise.all(answers)
    expect(made).toHaveLength(40)
    expect([...sent].sort((one, other) => one - other)).toEqual(sent)
    expect(new Set(sent).size).toBe(sent.length)
    expect(made.filter(Boolean).length).toBeLessThanOrEqual(sent.length)
  })
})
