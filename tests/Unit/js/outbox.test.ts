import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FloorEvent } from '../../../resources/js/features/floor/run/events'
import { seeded } from './floor'

/** A fresh outbox, as when the page is opened: what an earlier one kept is still on the device. */
async function opened(answer: (events: FloorEvent[]) => Promise<unknown>, trainer = 1) {
  vi.resetModules()
  const { ApiError } = await import('../../../resources/js/shared/api/client')
  const post = vi.fn((_path: string, body: { events: FloorEvent[] }) => answer(body.events))
  vi.doMock('../../../resources/js/shared/api', () => ({ api: { post }, ApiError }))
  const outbox = await import('../../../resources/js/features/floor/device/outbox')
  const store = await import('../../../resources/js/features/floor/device/store')
  void outbox.openOutbox(trainer)
  await quiet()
  const rows = async (of = trainer) =>
    (await store.eventsOf(of)).map(({ key, state, message }) =>
      message === null ? `${key} ${state}` : `${key} ${message}`,
    )
  return { ...outbox, post, ApiError, rows }
}

/** Lets the device write and answer; timers of the page stand still meanwhile. */
async function quiet(times = 60): Promise<void> {
  for (let i = 0; i < times; i++) await new Promise((resolve) => setImmediate(resolve))
}

/** As when so many milliseconds pass. */
async function pass(ms: number): Promise<void> {
  await vi.advanceTimersByTimeAsync(ms)
  await quiet()
}

const event = (key: string): FloorEvent => ({
  key,
  kind: 'started',
  clientId: 1,
  sessionId: 2,
  at: '2026-11-26T09:00:00.000+00:00',
  zone: 'UTC',
})

const accepted = (events: FloorEvent[]) => Promise.resolve({ accepted: events.map(({ key }) => key), refused: [] })
const noNetwork = () => Promise.reject(new Error('no network'))
const keysOf = (call: unknown[] | undefined) => (call?.[1] as { events: FloorEvent[] }).events.map(({ key }) => key)

describe('the outbox', () => {
  beforeEach(() => {
    vi.stubGlobal('indexedDB', new IDBFactory())
    vi.stubGlobal('BroadcastChannel', undefined)
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    const kept = new Map<string, string>()
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
    vi.doUnmock('../../../resources/js/shared/api')
  })

  it('sends what happens, and knows afterwards that it did', async () => {
    const { happen, post, onKept, rows } = await opened(accepted)
    const told: string[] = []
    onKept((events) => told.push(...events.map(({ key }) => key)))
    happen(event('a'), event('b'))
    await quiet()
    expect(post).toHaveBeenCalledTimes(1)
    expect(told).toEqual(['a', 'b'])
    expect(await rows()).toEqual(['a sent', 'b sent'])
  })

  it('keeps what is for this device alone on this device', async () => {
    const { happen, post, rows } = await opened(accepted)
    const shown = { item: {}, steps: [] } as unknown as NonNullable<FloorEvent['shown']>
    happen({ ...event('a'), kind: 'swapped', shown, before: shown })
    await quiet()
    expect(Object.keys(post.mock.calls[0]?.[1].events[0] ?? {})).not.toContain('shown')
    expect(await rows()).toEqual(['a sent'])
  })

  it('keeps on the device what cannot be sent, also when the page is killed', async () => {
    const first = await opened(noNetwork)
    first.happen(event('a'))
    await quiet()
    expect(await first.rows()).toEqual(['a waiting'])
    // Nothing of the page runs on.
    vi.clearAllTimers()
    const later = await opened(accepted)
    later.happen(event('b'))
    await quiet()
    expect(later.post.mock.calls.flatMap(keysOf)).toEqual(['a', 'b'])
    expect(await later.rows()).toEqual(['a sent', 'b sent'])
  })

  it('tries again by itself, and sends what happened meanwhile with it', async () => {
    const network = { isThere: false }
    const { happen, post } = await opened((events) => (network.isThere ? accepted(events) : noNetwork()))
    happen(event('a'))
    await quiet()
    happen(event('b'))
    await quiet()
    network.isThere = true
    await pass(6000)
    expect(keysOf(post.mock.lastCall)).toEqual(['a', 'b'])
  })

  it('has one request on the way at a time', async () => {
    const answers: (() => void)[] = []
    const { happen, post } = await opened(
      (events) =>
        new Promise((resolve) => answers.push(() => resolve({ accepted: events.map(({ key }) => key), refused: [] }))),
    )
    happen(event('a'))
    await quiet()
    happen(event('b'))
    await quiet()
    expect(post).toHaveBeenCalledTimes(1)
    answers[0]?.()
    await quiet()
    expect(post).toHaveBeenCalledTimes(2)
    expect(keysOf(post.mock.calls[1])).toEqual(['b'])
  })

  it('keeps what was refused apart, with its reason, until it has been read', async () => {
    const message = 'Ask a clinician first.'
    const page: Awaited<ReturnType<typeof opened>> = await opened((events) => {
      const refused = events.map(({ key }) => ({ key, field: 'lock', message }))
      return Promise.reject(new page.ApiError(409, message, { lock: [message] }, { accepted: [], refused }))
    })
    page.happen(event('a'))
    await quiet()
    expect(await page.rows()).toEqual([`a ${message}`])
    expect(page.currentBox().refused).toMatchObject([{ event: { key: 'a' }, message }])
    page.putAway()
    await quiet()
    expect(await page.rows()).toEqual([])
  })

  it('goes on in memory where this device keeps nothing, and says so', async () => {
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new DOMException('not here', 'SecurityError')
      },
    })
    const network = { isThere: false }
    const { happen, post, currentBox } = await opened((events) => (network.isThere ? accepted(events) : noNetwork()))
    happen(event('a'))
    await quiet()
    expect(currentBox()).toMatchObject({ trouble: 'forbidden', waiting: [{ key: 'a' }] })
    network.isThere = true
    await pass(6000)
    expect(post).toHaveBeenCalledTimes(2)
    expect(currentBox()).toMatchObject({ trouble: 'forbidden', waiting: [] })
  })

  it('says that the device is full, and that it is not, once there is room', async () => {
    const { happen, currentBox } = await opened(noNetwork)
    const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError')
    })
    happen(event('a'))
    await quiet()
    expect(currentBox()).toMatchObject({ trouble: 'full', waiting: [{ key: 'a' }] })
    put.mockRestore()
    happen(event('b'))
    await quiet()
    expect(currentBox()).toMatchObject({ trouble: null, waiting: [{ key: 'a' }, { key: 'b' }] })
  })

  it('asks for the sign-in where it ran out, and sends when it is back', async () => {
    const door = { isOpen: false }
    const page: Awaited<ReturnType<typeof opened>> = await opened((events) =>
      door.isOpen ? accepted(events) : Promise.reject(new page.ApiError(401, 'You are signed out.')),
    )
    const { happen, currentBox, openOutbox } = page
    happen(event('a'))
    await quiet()
    expect(currentBox()).toMatchObject({ isSignedOut: true, waiting: [{ key: 'a' }] })
    door.isOpen = true
    void openOutbox(1)
    await quiet()
    expect(currentBox()).toMatchObject({ isSignedOut: false, waiting: [] })
  })

  it('loses nothing that happens while another window’s events are read', async () => {
    const { joined, currentBox } = await opened(accepted)
    const kept = { ...currentBox(), waiting: [event('theirs')], sent: [{ event: event('sent'), at: 1 }] }
    const here = { ...currentBox(), waiting: [event('sent'), event('theirs'), event('just now')], isSignedOut: true }
    const both = joined(kept, here)
    expect(both.waiting.map(({ key }) => key)).toEqual(['theirs', 'just now'])
    expect([both.sent.length, both.isSignedOut]).toEqual([1, true])
  })

  it('takes over what an earlier version kept', async () => {
    localStorage.setItem('nimble-shelf-outbox-1', JSON.stringify({ waiting: [event('old')], refused: [] }))
    const { post } = await opened(accepted)
    expect(keysOf(post.mock.calls[0])).toEqual(['old'])
    expect(localStorage.getItem('nimble-shelf-outbox-1')).toBeNull()
  })

  it('sends what waited once its trainer is back, and shows it to nobody else', async () => {
    const network = { isThere: false }
    const { happen, post, openOutbox, closeOutbox, currentBox } = await opened((events) =>
      network.isThere ? accepted(events) : noNetwork(),
    )
    happen(event('a'))
    await quiet()
    closeOutbox()
    network.isThere = true
    await pass(20_000)
    void openOutbox(2)
    await pass(20_000)
    expect(currentBox().waiting).toEqual([])
    expect(post).toHaveBeenCalledTimes(1)
    void openOutbox(1)
    await quiet()
    expect(keysOf(post.mock.calls[1])).toEqual(['a'])
  })

  it('lets an answer that comes after another trainer signed in change nothing of theirs, nor lose the first one’s', async () => {
    const answers: (() => void)[] = []
    const { happen, openOutbox, rows } = await opened(
      (events) =>
        new Promise((resolve) => {
          const refused = events.map(({ key }) => ({ key, field: 'clientId', message: 'Not one of yours.' }))
          answers.push(() => resolve({ accepted: [], refused }))
        }),
    )
    happen(event('a'))
    await quiet()
    void openOutbox(2)
    await quiet()
    answers[0]?.()
    await quiet()
    expect(await rows(1)).toEqual(['a waiting'])
    expect(await rows(2)).toEqual([])
  })

  it('brings every event there once over a network that drops, delays and doubles, with the page killed on the way', async () => {
    for (let seed = 1; seed <= 200; seed++) {
      const chance = seeded(seed)
      vi.stubGlobal('indexedDB', new IDBFactory())
      /** What the application has: each key once, in whatever order. */
      const there = new Map<string, FloorEvent>()
      const answer = async (events: FloorEvent[]) => {
        const luck = chance()
        // Lost on the way there.
        if (luck < 0.25) return noNetwork()
        const keep = () => {
          for (const one of events) if (!there.has(one.key)) there.set(one.key, one)
        }
        keep()
        if (luck < 0.35) keep()
        // Kept, and the answer lost on the way back.
        if (luck < 0.55) return noNetwork()
        if (luck < 0.7) await new Promise((resolve) => setTimeout(resolve, 8000 * chance()))
        return accepted(events)
      }
      let page = await opened(answer)
      const tapped: string[] = []
      for (let tap = 0; tap < 8; tap++) {
        const key = `${seed}-${tap}`
        tapped.push(key)
        page.happen(event(key))
        await quiet(12)
        if (chance() < 0.4) await pass(6000 * chance())
        if (chance() < 0.2) {
          vi.clearAllTimers()
          page = await opened(answer)
        }
      }
      for (let i = 0; i < 60 && page.currentBox().waiting.length > 0; i++) await pass(9000)
      expect([...there.keys()].sort(), `seed ${seed}`).toEqual([...tapped].sort())
      expect(page.currentBox().waiting).toEqual([])
      vi.clearAllTimers()
    }
  }, 240_000)
})
