import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FloorEvent } from '../../../resources/js/features/floor/events'

/** A fresh outbox, as when the page is opened: what an earlier one kept is still on the device. */
async function opened(answer: (events: FloorEvent[]) => Promise<unknown>) {
  vi.resetModules()
  const { ApiError } = await import('../../../resources/js/shared/api/client')
  const post = vi.fn((_path: string, body: { events: FloorEvent[] }) => answer(body.events))
  vi.doMock('../../../resources/js/shared/api', () => ({ api: { post }, ApiError }))
  const outbox = await import('../../../resources/js/features/floor/outbox')
  outbox.openOutbox(1)
  return { ...outbox, post, ApiError }
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
const kept = () => JSON.parse(localStorage.getItem('nimble-shelf-outbox-1') ?? '{"waiting":[],"refused":[]}') as object

describe('the outbox', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    const store = new Map<string, string>()
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, value: string) => store.set(key, value),
      removeItem: (key: string) => store.delete(key),
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
    vi.doUnmock('../../../resources/js/shared/api')
  })

  it('sends what happens and forgets it when it is kept', async () => {
    const { happen, flush, post, onKept } = await opened(accepted)
    const told: string[] = []
    onKept((events) => told.push(...events.map(({ key }) => key)))
    happen(event('a'), event('b'))
    await flush()
    await vi.runAllTimersAsync()
    expect(post).toHaveBeenCalledTimes(1)
    expect(told).toEqual(['a', 'b'])
    expect(kept()).toEqual({ waiting: [], refused: [] })
  })

  it('keeps on the device what cannot be sent, also when the page is closed', async () => {
    const first = await opened(() => Promise.reject(new Error('no network')))
    first.happen(event('a'))
    await vi.advanceTimersByTimeAsync(100)
    expect(kept()).toMatchObject({ waiting: [{ key: 'a' }] })
    // The page is closed: nothing of it runs on.
    vi.clearAllTimers()

    const later = await opened(accepted)
    later.happen(event('b'))
    await vi.runAllTimersAsync()
    expect(later.post.mock.calls.flatMap(([, { events }]) => events.map(({ key }) => key))).toEqual(['a', 'b'])
    expect(kept()).toEqual({ waiting: [], refused: [] })
  })

  it('tries again by itself, and sends what happened meanwhile with it', async () => {
    let isOnline = false
    const { happen, post } = await opened((events) =>
      isOnline ? accepted(events) : Promise.reject(new Error('no network')),
    )
    happen(event('a'))
    await vi.advanceTimersByTimeAsync(100)
    happen(event('b'))
    await vi.advanceTimersByTimeAsync(100)
    isOnline = true
    await vi.advanceTimersByTimeAsync(6000)
    const last = post.mock.calls[post.mock.calls.length - 1]
    expect(last?.[1].events.map(({ key }) => key)).toEqual(['a', 'b'])
    expect(kept()).toEqual({ waiting: [], refused: [] })
  })

  it('has one request on the way at a time', async () => {
    let answer: () => void = () => undefined
    const { happen, post } = await opened(
      (events) =>
        new Promise((resolve) => {
          answer = () => resolve({ accepted: events.map(({ key }) => key), refused: [] })
        }),
    )
    happen(event('a'))
    happen(event('b'))
    await vi.advanceTimersByTimeAsync(50)
    expect(post).toHaveBeenCalledTimes(1)
    answer()
    await vi.advanceTimersByTimeAsync(50)
    expect(post).toHaveBeenCalledTimes(2)
    expect(post.mock.calls[1]?.[1].events.map(({ key }) => key)).toEqual(['b'])
  })

  it('keeps what was refused apart, with its reason, until it has been read', async () => {
    const refusing = await opened((events) =>
      Promise.reject(
        new refusing_.ApiError(
          409,
          'Ask a clinician first.',
          { lock: ['Ask a clinician first.'] },
          {
            accepted: [],
            refused: events.map(({ key }) => ({ key, field: 'lock', message: 'Ask a clinician first.' })),
          },
        ),
      ),
    )
    const refusing_ = refusing
    refusing.happen(event('a'))
    await vi.advanceTimersByTimeAsync(50)
    expect(kept()).toMatchObject({ waiting: [], refused: [{ event: { key: 'a' }, message: 'Ask a clinician first.' }] })
    refusing.putAway()
    expect(kept()).toEqual({ waiting: [], refused: [] })
  })

  it('does not lose its head where storage is forbidden', async () => {
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new Error('forbidden')
      },
      setItem: () => {
        throw new Error('forbidden')
      },
    })
    const online = { now: false }
    const { happen, post, openOutbox, closeOutbox } = await opened((events) =>
      online.now ? accepted(events) : Promise.reject(new Error('no network')),
    )
    happen(event('a'))
    await vi.advanceTimersByTimeAsync(100)
    closeOutbox()
    online.now = true
    openOutbox(1)
    await vi.runAllTimersAsync()
    expect(post).toHaveBeenCalledTimes(2)
  })

  it('reads a box that was spoilt as empty', async () => {
    localStorage.setItem('nimble-shelf-outbox-1', '{"waiting": [')
    const { happen, post } = await opened(accepted)
    happen(event('a'))
    await vi.runAllTimersAsync()
    expect(post.mock.calls[0]?.[1].events).toHaveLength(1)
  })

  it('sends what waited once its trainer is back, and shows it to nobody else', async () => {
    const online = { now: false }
    const answers = (events: FloorEvent[]) => (online.now ? accepted(events) : Promise.reject(new Error('no network')))
    const { happen, post, openOutbox, closeOutbox } = await opened(answers)
    happen(event('a'))
    await vi.advanceTimersByTimeAsync(100)
    closeOutbox()
    online.now = true
    await vi.advanceTimersByTimeAsync(20000)
    openOutbox(2)
    await vi.advanceTimersByTimeAsync(20000)
    expect(post).toHaveBeenCalledTimes(1)
    openOutbox(1)
    await vi.advanceTimersByTimeAsync(100)
    expect(post.mock.calls[1]?.[1].events.map(({ key }) => key)).toEqual(['a'])
    expect(kept()).toEqual({ waiting: [], refused: [] })
  })

  it('lets an answer that comes after another trainer signed in change nothing of theirs, nor lose the first one’s', async () => {
    let answer: () => void = () => undefined
    const { happen, post, openOutbox } = await opened(
      (events) =>
        new Promise((resolve) => {
          const refusals = events.map(({ key }) => ({ key, field: 'clientId', message: 'Not one of yours.' }))
          answer = () => resolve({ accepted: [], refused: refusals })
        }),
    )
    happen(event('a'))
    await vi.advanceTimersByTimeAsync(50)
    openOutbox(2)
    answer()
    await vi.advanceTimersByTimeAsync(50)
    expect(kept()).toMatchObject({ waiting: [{ key: 'a' }], refused: [] })
    expect(localStorage.getItem('nimble-shelf-outbox-2')).toBeNull()
    expect(post).toHaveBeenCalledTimes(1)
  })
})
