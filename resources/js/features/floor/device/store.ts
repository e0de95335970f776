import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { FloorEvent } from '../run/events'

/** An event on this device: whose it is, whether it is still to be sent, and what was said against it. */
export interface KeptEvent {
  key: string
  trainer: number
  sessionId: number
  event: FloorEvent
  state: 'waiting' | 'sent' | 'refused'
  message: string | null
  /** When the application had it, milliseconds since 1970; null where it has not. */
  sentAt: number | null
  /** In what order they were made here. */
  order: number
}

/** Something fetched, kept for when there is no network. */
interface KeptAnswer {
  key: string
  trainer: number
  answer: unknown
  /** When it was asked for, milliseconds since 1970. */
  at: number
}

interface FloorBase extends DBSchema {
  events: { key: string; value: KeptEvent; indexes: { trainer: number; sent: number } }
  answers: { key: string; value: KeptAnswer; indexes: { trainer: number; at: number } }
}

/** What went wrong with keeping things on this device; null where all is well. */
export type Trouble = 'full' | 'forbidden' | null

let opening: Promise<IDBPDatabase<FloorBase>> | null = null

function base(): Promise<IDBPDatabase<FloorBase>> {
  opening ??= openDB<FloorBase>('nimble-shelf-floor', 1, {
    upgrade: (made) => {
      const events = made.createObjectStore('events', { keyPath: 'key' })
      events.createIndex('trainer', 'trainer')
      events.createIndex('sent', 'order')
      const answers = made.createObjectStore('answers', { keyPath: 'key' })
      answers.createIndex('trainer', 'trainer')
      answers.createIndex('at', 'at')
    },
    // A newer page wants the base: it gets it, and this one opens it again when it needs it.
    blocking: (_from, _to, event) => {
      ;(event.target as IDBDatabase).close()
      opening = null
    },
    terminated: () => {
      opening = null
    },
  }).catch((error: unknown) => {
    opening = null
    throw error
  })
  return opening
}

/** For tests: the next use opens the base anew. */
export async function shutStore(): Promise<void> {
  const open = opening
  opening = null
  if (open !== null) (await open).close()
}

export function troubleOf(error: unknown): Trouble {
  return error instanceof DOMException && error.name === 'QuotaExceededError' ? 'full' : 'forbidden'
}

/** Everything a trainer did on this device that is not put away, in the order in which it happened here. */
export async function eventsOf(trainer: number): Promise<KeptEvent[]> {
  const all = await (await base()).getAllFromIndex('events', 'trainer', trainer)
  return all.sort((one, two) => one.order - two.order)
}

export async function keepEvents(events: KeptEvent[]): Promise<void> {
  const put = (await base()).transaction('events', 'readwrite', { durability: 'strict' })
  await Promise.all([...events.map((event) => put.store.put(event)), put.done])
}

export async function dropEvents(keys: string[]): Promise<void> {
  const drop = (await base()).transaction('events', 'readwrite')
  await Promise.all([...keys.map((key) => drop.store.delete(key)), drop.done])
}

const answerKey = (trainer: number, path: string) => `${trainer}/${path}`

/**
 * Keeps an answer for when there is no network, unless a newer one is kept; one that cannot be kept is fetched again.
 */
export async function keepAnswer(trainer: number, path: string, answer: unknown, at: number): Promise<void> {
  const key = answerKey(trainer, path)
  const put = (await base()).transaction('answers', 'readwrite')
  const before = await put.store.get(key)
  if (before === undefined || before.at <= at) void put.store.put({ key, trainer, answer, at })
  await put.done
}

export async function keptAnswer<T>(trainer: number, path: string): Promise<{ answer: T; at: number } | null> {
  const kept = await (await base()).get('answers', answerKey(trainer, path))
  return kept === undefined ? null : { answer: kept.answer as T, at: kept.at }
}

/** Lets go of answers that are older than that, milliseconds since 1970, and of all of other trainers. */
export async function dropAnswers(trainer: number, olderThan: number): Promise<void> {
  const drop = (await base()).transaction('answers', 'readwrite')
  for (const kept of await drop.store.getAll()) {
    if (kept.trainer !== trainer || kept.at < olderThan) void drop.store.delete(kept.key)
  }
  await drop.done
}
