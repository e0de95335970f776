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

const keptAs = (trainer: number) => `nimble-shelf-outbox-${trainer}`

function read(trainer: number): Outbox {
  try {
    return { ...empty, ...(JSON.parse(localStorage.getItem(keptAs(trainer)) ?? '{}') as Partial<Outbox>) }
  } catch {
    return empty
  }
}

/** Boxes opened since the page was, for where storage is full or forbidden. */
const opened = new Map<number, Outbox>()
let owner: number | null = null
let box = empty
let sending = false
let timer: ReturnType<typeof setTimeout> | undefined
const listeners = new Set<() => void>()
const keepers = new Set<(kept: FloorEvent[]) => void>()

function show(next: Outbox): void {
  box = next
  for (const listener of listeners) listener()
}

function keep(next: Outbox): void {
  if (owner === null) throw new Error('Nobody’s outbox is open.')
  opened.set(owner, next)
  try {
    localStorage.setItem(keptAs(owner), JSON.stringify(next))
  } catch {
    // Storage is full or forbidden: it stays in memory, and the page says that it is not sent.
  }
  show(next)
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
  if (sending || owner === null || box.waiting.length === 0) return
  sending = true
  const sender = owner
  const events = box.waiting
  const answer = await send(events)
  sending = false
  clearTimeout(timer)
  if (owner !== sender) {
    // Somebody else has signed in meanwhile: whatever the answer was, it is not theirs. It is asked for again later.
    void flush()
    return
  }
  if (answer === null) {
    timer = setTimeout(() => void flush(), retryAfterMs)
    return
  }
  const kept = events.filter((event) => answer.accepted.includes(event.key))
  for (const keeper of keepers) keeper(kept)
  keep(settled(box, answer))
  if (box.waiting.length > 0) void flush()
}

/** Opens the box of the trainer who is signed in, and sends what has waited; another trainer's stays shut. */
export function openOutbox(trainer: number): void {
  if (owner !== trainer) {
    owner = trainer
    show(opened.get(trainer) ?? read(trainer))
  }
  void flush()
}

/** Shuts the box when its trainer signs out: what waits in it waits on this device until they are back. */
export function closeOutbox(): void {
  owner = null
  clearTimeout(timer)
  show(empty)
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
  return () => {
    listeners.delete(listener)
    window.removeEventListener('online', online)
  }
}

export function useOutbox(): Outbox {
  return useSyncExternalStore(subscribe, () => box)
}

/** Whose box is open; null while nobody's is. */
export function useOutboxOwner(): number | null {
  return useSyncExternalStore(subscribe, () => owner)
}
