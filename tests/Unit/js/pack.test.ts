import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

interface Asked {
  tag: string
  has: string
}

const one = (path: string, tag: string) => ({ path, tag, answer: { path, tag } })

/** A device with an application that answers with one pack after the other. */
async function device(...packs: { tag: string; answers: ReturnType<typeof one>[]; isWhole: boolean }[]) {
  vi.resetModules()
  const asked: Asked[] = []
  const get = (path: string) => {
    const search = new URLSearchParams(path.split('?')[1])
    asked.push({ tag: search.get('tag') ?? '', has: search.get('has') ?? '' })
    return Promise.resolve(packs.shift() ?? { tag: 'none', answers: [], isWhole: true })
  }
  vi.doMock('../../../resources/js/shared/api', () => ({ api: { get } }))
  const { packDays } = await import('../../../resources/js/features/floor/pack')
  const { keepAnswer, keptAnswer } = await import('../../../resources/js/features/floor/device/store')
  const { rememberTrainer } = await import('../../../resources/js/features/floor/device/trainer')
  rememberTrainer(1)
  return { asked, packDays, keepAnswer, kept: async (path: string) => (await keptAnswer(1, path))?.answer }
}

describe('what two days of visits need', () => {
  beforeEach(() => {
    vi.stubGlobal('indexedDB', new IDBFactory())
    const kept = new Map<string, string>()
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    })
  })
  afterEach(() => {
    vi.unstubAllGlobals()
    vi.doUnmock('../../../resources/js/shared/api')
  })

  it('is kept piece by piece, and asked for until it is whole', async () => {
    const here = await device(
      { tag: 'a', answers: [one('round', 'r1'), one('sessions/1', 's1')], isWhole: false },
      { tag: 'a', answers: [one('sessions/2', 's2')], isWhole: true },
    )
    await here.packDays()
    expect(here.asked).toEqual([
      { tag: '', has: '' },
      { tag: '', has: 'round~r1,sessions/1~s1' },
    ])
    expect(await here.kept('sessions/1')).toEqual({ path: 'sessions/1', tag: 's1' })
    expect(await here.kept('sessions/2')).toEqual({ path: 'sessions/2', tag: 's2' })
  })

  it('is asked for by its tag, and only what has changed comes', async () => {
    const here = await device(
      { tag: 'a', answers: [one('round', 'r1'), one('sessions/1', 's1')], isWhole: true },
      { tag: 'a', answers: [], isWhole: true },
      { tag: 'b', answers: [one('sessions/1', 's9')], isWhole: true },
    )
    for (let i = 0; i < 3; i++) await here.packDays()
    expect(here.asked.map(({ tag }) => tag)).toEqual(['', 'a', 'a'])
    expect(here.asked[2]?.has).toBe('round~r1,sessions/1~s1')
    expect(await here.kept('round')).toEqual({ path: 'round', tag: 'r1' })
    expect(await here.kept('sessions/1')).toEqual({ path: 'sessions/1', tag: 's9' })
  })

  it('never takes the place of something newer', async () => {
    const here = await device({ tag: 'a', answers: [one('sessions/1', 'old')], isWhole: true })
    await here.keepAnswer(1, 'sessions/1', { newer: true }, Date.now() + 60_000)
    await here.packDays()
    expect(await here.kept('sessions/1')).toEqual({ newer: true })
  })

  it('stops asking of an application that is never done', async () => {
    const here = await device(...Array.from({ length: 60 }, () => ({ tag: 'a', answers: [], isWhole: false })))
    await here.packDays()
    expect(here.asked).toHaveLength(40)
  })
})
