import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { dropDraft, keepDraft, keptDraft } from '../../../resources/js/shared/form/drafts'
import { between, clockTime, day, maybeBetween, needed } from '../../../resources/js/shared/form'

const store = new Map<string, string>()
beforeEach(() => {
  store.clear()
  vi.stubGlobal('sessionStorage', {
    getItem: (key: string) => store.get(key) ?? null,
    setItem: (key: string, value: string) => void store.set(key, value),
    removeItem: (key: string) => void store.delete(key),
  })
})
afterEach(() => {
  for (const whose of [1, 2]) for (const name of ['a', 'b']) dropDraft(whose, name)
  vi.unstubAllGlobals()
})

describe('what is half-typed', () => {
  it('is kept under whoever wrote it, and gone when it is dropped', () => {
    keepDraft(1, 'a', { name: 'Orrin' })
    expect(keptDraft(1, 'a')).toEqual({ name: 'Orrin' })
    expect(keptDraft(2, 'a')).toBeNull()
    expect(keptDraft(1, 'b')).toBeNull()
    dropDraft(1, 'a')
    expect(keptDraft(1, 'a')).toBeNull()
    expect(store.size).toBe(0)
  })

  it('lies on the device only where it may', () => {
    keepDraft(1, 'a', { note: 'a shoulder' }, true)
    expect(keptDraft(1, 'a')).toEqual({ note: 'a shoulder' })
    expect(store.size).toBe(0)
    keepDraft(1, 'b', { date: '2026-11-27' })
    expect([...store.values()]).toEqual(['{"date":"2026-11-27"}'])
  })

  it('survives going elsewhere where nothing can be stored', () => {
    vi.stubGlobal('sessionStorage', {
      getItem: () => {
        throw new Error('forbidden')
      },
      setItem: () => {
        throw new Error('full')
      },
      removeItem: () => {
        throw new Error('forbidden')
      },
    })
    keepDraft(1, 'a', { name: 'Orrin' })
    expect(keptDraft(1, 'a')).toEqual({ name: 'Orrin' })
    expect(keptDraft(1, 'b')).toBeNull()
    dropDraft(1, 'a')
    expect(keptDraft(1, 'a')).toBeNull()
  })
})

describe('what can be said before it is sent', () => {
  const says = (schema: { safeParse: (text: string) => { success: boolean } }, text: string) =>
    schema.safeParse(text).success
  it.each([
    [between('Height', 100, 230, 'cm'), ['100', '178', '178,5', ' 230 '], ['', '99.9', '231', 'tall', '1,7,8']],
    [maybeBetween('Thigh', 3, 120, 'cm'), ['', ' ', '44,5'], ['2', '121', 'long']],
    [needed('Who?'), ['Orrin'], ['', '   ']],
    [clockTime, ['08:30', '23:59'], ['', '8:30', 'noon']],
    [day, ['2026-11-27'], ['', '27.11.2026']],
  ])('%#', (schema, good, bad) => {
    for (const text of good) expect(says(schema, text), text).toBe(true)
    for (const text of bad) expect(says(schema, text), text).toBe(false)
  })

  it('asks in words where nothing is entered', () => {
    const read = (text: string) =>
      between('Height', 100, 230, 'cm', 'How tall?')
        .safeParse(text)
        .error?.issues.map((one) => one.message)
    expect(read(' ')).toEqual(['How tall?'])
    expect(read('17')).toEqual(['Height: between 100 and 230 cm.'])
    expect(read('178')).toBeUndefined()
  })

  it('names the field in the words of its label', () => {
    const read = between('Height', 100, 230, 'cm').safeParse('17')
    expect(read.error?.issues[0]?.message).toBe('Height: between 100 and 230 cm.')
  })
})
