import 'fake-indexeddb/auto'
import { QueryClient } from '@tanstack/react-query'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

interface Day {
  visits: string[]
  asOf?: number
  isKept?: boolean
}

const key = ['round', '']
const t0 = Date.parse('2026-12-01T14:00:00Z')

/** A device whose trainer is known, with an application that answers when it is told to. */
async function device() {
  vi.resetModules()
  const { ApiError } = await import('../../../resources/js/shared/api/client')
  let changedAt = 0
  const waiting: { answer: (visits: string[]) => void; fail: (status: number) => void }[] = []
  const get = () =>
    new Promise<Day>((resolve, reject) => {
      waiting.push({
        answer: (visits) => resolve({ visits }),
        fail: (status) => reject(new ApiError(status, 'no')),
      })
    })
  vi.doMock('../../../resources/js/shared/api', () => ({ api: { get }, ApiError, lastChangeAt: () => changedAt }))
  const { fetched } = await import('../../../resources/js/features/floor/fetched')
  const { keepAnswer, keptAnswer } = await import('../../../resources/js/features/floor/device/store')
  const { rememberTrainer } = await import('../../../resources/js/features/floor/device/trainer')
  rememberTrainer(1)
  const client = new QueryClient({
    defaultOptions: { queries: { retry: false, networkMode: 'always', gcTime: Infinity } },
  })
  return {
    client,
    keep: (visits: string[], at: number) => keepAnswer(1, 'round', { visits }, at),
    kept: () => keptAnswer<Day>(1, 'round'),
    changed: (at: number) => (changedAt = at),
    ask: () =>
      client
        .fetchQuery({ queryKey: key, queryFn: (asked) => fetched<Day>(asked, 'round'), staleTime: 0 })
        .catch((error: unknown) => error),
    application: () => waiting.at(-1) ?? { answer: () => undefined, fail: () => undefined },
    shown: () => client.getQueryData<Day>(key),
  }
}

async function pass(ms: number): Promise<void> {
  await vi.advanceTimersByTimeAsync(ms)
  for (let i = 0; i < 60; i++) await new Promise((resolve) => setImmediate(resolve))
}

describe('an answer that is fetched and kept', () => {
  beforeEach(() => {
    vi.stubGlobal('indexedDB', new IDBFactory())
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'], now: t0 })
    const kept = new Map<string, string>()
    vi.stubGlobal('localStorage', {
      getItem: (name: string) => kept.get(name) ?? null,
      setItem: (name: string, value: string) => kept.set(name, value),
      removeItem: (name: string) => kept.delete(name),
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('shows what was kept while the application is slow, marked, and the true answer when it comes', async () => {
    const here = await device()
    await here.keep(['Orrin'], t0 - 60_000)
    const asking = here.ask()
    await pass(2000)
    expect(here.shown()).toBeUndefined()
    await pass(2000)
    expect(here.shown()).toEqual({ visits: ['Orrin'], isKept: true, asOf: t0 - 60_000 })
    expect(here.client.getQueryState(key)?.fetchStatus).toBe('fetching')
    await pass(20_000)
    here.application().answer(['Marisol'])
    expect(await asking).toMatchObject({ visits: ['Marisol'] })
    expect(here.shown()).toEqual({ visits: ['Marisol'], asOf: t0 })
    await pass(0)
    expect((await here.kept())?.answer.visits).toEqual(['Marisol'])
  })

  it('never lets an invalidation end in what was kept, however slow the answer is', async () => {
    const here = await device()
    const first = here.ask()
    here.application().answer(['Orrin', 'Marisol'])
    await first
    await pass(10)
    // The visit to Marisol is cancelled here, and everything is asked anew.
    here.changed(t0 + 1)
    await here.client.invalidateQueries({ queryKey: key })
    const second = here.ask()
    await pass(30_000)
    here.application().answer(['Orrin'])
    await second
    expect(here.shown()?.visits).toEqual(['Orrin'])
    expect(here.shown()?.isKept).toBeUndefined()
  })

  it('shows nothing older than a change made here while an answer may still come', async () => {
    const here = await device()
    await here.keep(['Orrin', 'Marisol'], t0 - 60_000)
    here.changed(t0 - 1000)
    const asking = here.ask()
    await pass(30_000)
    expect(here.shown()).toBeUndefined()
    // Where it cannot be reached at all, it is better than nothing, and says how old it is.
    here.application().fail(0)
    await asking
    expect(here.shown()).toEqual({ visits: ['Orrin', 'Marisol'], isKept: true, asOf: t0 - 60_000 })
    expect(here.client.getQueryState(key)?.status).toBe('error')
  })

  it('asks once more where something was changed here while the first answer was on its way', async () => {
    const here = await device()
    // The first question of a place, with nothing of it on the screen yet: an invalidation waits for this very answer.
    const asking = here.ask()
    await pass(100)
    here.changed(t0 + 100)
    void here.client.invalidateQueries({ queryKey: key })
    here.application().answer(['Orrin', 'the visit that was taken out'])
    await pass(100)
    expect(here.shown()).toBeUndefined()
    here.application().answer(['Orrin'])
    await asking
    expect(here.shown()?.visits).toEqual(['Orrin'])
  })

  it('does not run after changes for ever', async () => {
    const here = await device()
    const asking = here.ask()
    for (let time = 1; time <= 4; time++) {
      await pass(100)
      here.changed(t0 + 100 * time)
      here.application().answer([`answer ${time}`])
    }
    expect(await asking).toMatchObject({ visits: ['answer 4'] })
  })

  it('keeps what is on the screen where the application cannot be reached, and is out of date for whoever asks next', async () => {
    const here = await device()
    await here.keep(['older'], t0 - 60_000)
    const first = here.ask()
    here.application().answer(['newer'])
    await first
    await pass(5000)
    const second = here.ask()
    here.application().fail(503)
    await second
    expect(here.shown()?.visits).toEqual(['newer'])
    // Another device: what this one kept is newer, and stays.
    vi.stubGlobal('indexedDB', new IDBFactory())
    const other = await device()
    await other.keep(['kept'], t0 - 60_000)
    const asking = other.ask()
    other.application().fail(0)
    await asking
    expect(other.client.getQueryState(key)?.dataUpdatedAt).toBe(t0 - 60_000)
  })

  it('says that something is not there, whatever was kept of it', async () => {
    const here = await device()
    await here.keep(['Orrin'], t0)
    const asking = here.ask()
    here.application().fail(404)
    expect(await asking).toMatchObject({ status: 404 })
    expect(here.shown()).toBeUndefined()
  })
})
