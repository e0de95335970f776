import { useSyncExternalStore } from 'react'
import { api, ApiError, type KeptEvents } from '../../shared/api'
import type { FloorEvent } from './events'

export interface Refused {
  event: FloorEvent
  message: string
}

/** What has happened and is not with the application yet. */
export interface Outbox {
  waiting: FloorEvent[]
  refused: Refused[]
}

const keptAs = 'nimble-shelf-outbox'
const retryAfterMs = 5000
const empty: Outbox = { waiting: [], refused: [] }

/** The box once an answer has come: what was kept leaves it, what was refused stays apart with its reason. */
export function settled(box: Outbox, answer: KeptEvents): Outbox {
  const refusals = new Map(answer.refused.map((one) => [one.key, one.message]))
  return {
    waiting: box.waiting.filter((event) => !answer.accepted.includes(event.key) && !refusals.has(event.key)),
    refused: [
      ...box.refused,
      ...box.waiting.flatMap((event) => {
        const message = refusals.get(event.key)
        return message === undefined ? [] : [{ event, message }]
      }),
    ],
  }
}

function read(): Outbox {
  try {
    return { ...empty, ...(JSON.parse(localStorage.getItem(keptAs) ?? '{}') as Partial<Outbox>) }
  } catch {
    return empty
  }
}

let box = read()
let sending = false
let timer: ReturnType<typeof setTimeout> | undefined
const listeners = new Set<() => void>()
const keepers = new Set<(kept: FloorEvent[]) => void>()

function keep(next: Outbox): void {
  box = next
  try {
    localStorage.setItem(keptAs, JSON.stringify(next))
  } catch {
    // Storage is full or forbidden: it stays in memory, and the page says that it is not sent.
  }
  for (const listener of listeners) listener()
}

function isAnswer(body: unknown): body is KeptEvents {
  return typeof body === 'object' && body !== null && 'accepted' in body && 'refused' in body
}

async function send(events: FloorEvent[]): Promise<KeptEvents | null> {
  try {
    return await api.post<KeptEvents>('floor-events', { events })
  } catch (error) {
    return error instanceof ApiError && isAnswer(error.body) ? error.body : null
  }
}

/** Sends what is waiting, in the order it happened; what cannot be sent waits for the network. */
export async function flush(): Promise<void> {
  if (sending || box.waiting.length === 0) return
  sending = true
  const events = box.waiting
  const answer = await send(events)
  sending = false
  clearTimeout(timer)
  if (answer === null) {
    timer = setTimeout(() => void flush(), retryAfterMs)
    return
  }
  const kept = events.filter((event) => answer.accepted.includes(event.key))
  for (const keeper of keepers) keeper(kept)
  keep(settled(box, answer))
  if (box.waiting.length > 0) void flush()
}

export function happen(...events: FloorEvent[]): void {
  keep({ ...box, waiting: [...box.waiting, ...events] })
  void flush()
}

/** Puts what was refused away once it has been read. */
export function putAway(): void {
  keep({ ...box, refused: [] })
}

/** Calls back with events when the application has them. */
export function onKept(keeper: (kept: FloorEvent[]) => void): () => void {
  keepers.add(keeper)
  return () => keepers.delete(keeper)
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  const online = () => void flush()
  window.addEventListener('online', online)
  void flush()
  return () => {
    listeners.delete(listener)
    window.removeEventListener('online', online)
  }
}

export function useOutbox(): Outbox {
  return useSyncExternalStore(subscribe, () => box)
}
