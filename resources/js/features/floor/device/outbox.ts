import { useSyncExternalStore } from 'react'
import { api, ApiError, type KeptEvents } from '../../../shared/api'
import { sentAs, type FloorEvent } from '../run/events'
import { dropEvents, eventsOf, keepEvents, troubleOf, type KeptEvent, type Trouble } from './store'

export interface Refused {
  event: FloorEvent
  message: string
}

/** Something the application has, and since when, milliseconds since 1970. */
export interface Sent {
  event: FloorEvent
  at: number
}

/** What happened on this device: what is not with the application yet, what it would not take, what it has. */
export interface Outbox {
  waiting: FloorEvent[]
  refused: Refused[]
  sent: Sent[]
  /** What keeps things from being kept here. */
  trouble: Trouble
  /** True where the sign-in ran out: nothing leaves until somebody signs in again. */
  isSignedOut: boolean
}

const retryAfterMs = 5000
const mostAtOnce = 200
const sentKept = 600
const empty: Outbox = { waiting: [], refused: [], sent: [], trouble: null, isSignedOut: false }

/** The box once an answer has come: what was kept leaves it, what was refused stays apart with its reason. */
export function settled(box: Outbox, answer: KeptEvents, at: number): Outbox {
  const refusals = new Map(answer.refused.map((one) => [one.key, one.message]))
  const accepted = new Set(answer.accepted)
  return {
    ...box,
    waiting: box.waiting.filter((event) => !accepted.has(event.key) && !refusals.has(event.key)),
    refused: [
      ...box.refused,
      ...box.waiting.flatMap((event) => {
        const message = refusals.get(event.key)
        return message === undefined ? [] : [{ event, message }]
      }),
    ],
    sent: [
      ...box.sent,
      ...box.waiting.filter((event) => accepted.has(event.key)).map((event) => ({ event, at })),
    ].slice(-sentKept),
  }
}

let owner: number | null = null
let box = empty
let order = 0
let sending = false
let timer: ReturnType<typeof setTimeout> | undefined
let channel: BroadcastChannel | null = null
const listeners = new Set<() => void>()
const keepers = new Set<(kept: FloorEvent[]) => void>()

function show(next: Outbox): void {
  box = next
  for (const listener of listeners) listener()
}

const rowOf = (
  trainer: number,
  event: FloorEvent,
  state: KeptEvent['state'],
  { message = null, sentAt = null }: { message?: string | null; sentAt?: number | null } = {},
): KeptEvent => ({
  key: event.key,
  trainer,
  sessionId: event.sessionId,
  event,
  state,
  message,
  sentAt,
  order: order++,
})

/** Writes to the device; where that fails the page keeps it, says so, and sends it all the sooner. */
async function write(rows: KeptEvent[]): Promise<void> {
  try {
    await keepEvents(rows)
    if (box.trouble !== null) show({ ...box, trouble: null })
    channel?.postMessage(owner)
  } catch (error) {
    show({ ...box, trouble: troubleOf(error) })
  }
}

function boxOf(rows: KeptEvent[]): Outbox {
  const of = (state: KeptEvent['state']) => rows.filter((row) => row.state === state)
  return {
    ...empty,
    waiting: of('waiting').map(({ event }) => event),
    refused: of('refused').map(({ event, message }) => ({ event, message: message ?? '' })),
    sent: of('sent').map(({ event, sentAt }) => ({ event, at: sentAt ?? 0 })),
  }
}

/** What an earlier version kept; it goes where the rest is. */
function handedDown(trainer: number): FloorEvent[] {
  const keptAs = `nimble-shelf-outbox-${trainer}`
  try {
    const kept = JSON.parse(localStorage.getItem(keptAs) ?? '{}') as { waiting?: FloorEvent[] }
    localStorage.removeItem(keptAs)
    return kept.waiting ?? []
  } catch {
    return []
  }
}

async function read(trainer: number): Promise<Outbox> {
  try {
    const rows = await eventsOf(trainer)
    order = Math.max(order, ...rows.map((row) => row.order + 1))
    const old = handedDown(trainer)
    if (old.length > 0) await keepEvents(old.map((event) => rowOf(trainer, event, 'waiting')))
    const kept = boxOf(rows)
    // What was sent long ago is with the application; it needs no room here.
    const stale = rows.filter((row) => row.state === 'sent').slice(0, -sentKept)
    if (stale.length > 0) await dropEvents(stale.map((row) => row.key))
    return { ...kept, waiting: [...kept.waiting, ...old] }
  } catch (error) {
    return { ...empty, trouble: troubleOf(error) }
  }
}

/** What the device keeps, with what happened on this page while it was read: nothing that is not written yet is lost. */
export function joined(kept: Outbox, here: Outbox): Outbox {
  const known = new Set(
    [...kept.waiting, ...[...kept.sent, ...kept.refused].map(({ event }) => event)].map(({ key }) => key),
  )
  return {
    ...kept,
    waiting: [...kept.waiting, ...here.waiting.filter(({ key }) => !known.has(key))],
    isSignedOut: here.isSignedOut,
  }
}

function isAnswer(body: unknown): body is KeptEvents {
  return typeof body === 'object' && body !== null && 'accepted' in body && 'refused' in body
}

async function send(events: FloorEvent[]): Promise<KeptEvents | 'signed out' | null> {
  try {
    return await api.post<KeptEvents>('floor-events', { events: events.map(sentAs) })
  } catch (error) {
    if (!(error instanceof ApiError)) return null
    if (error.status === 401) return 'signed out'
    return isAnswer(error.body) ? error.body : null
  }
}

/** Sends what is waiting, in the order it happened; what cannot be sent waits for the network. */
export async function flush(): Promise<void> {
  if (sending || owner === null || box.waiting.length === 0) return
  sending = true
  const sender = owner
  const events = box.waiting.slice(0, mostAtOnce)
  const answer = await send(events)
  sending = false
  clearTimeout(timer)
  if (owner !== sender) {
    // Somebody else has signed in meanwhile: whatever the answer was, it is not theirs. It is asked for again later.
    void flush()
    return
  }
  if (answer === null || answer === 'signed out') {
    if (box.isSignedOut !== (answer === 'signed out')) show({ ...box, isSignedOut: answer === 'signed out' })
    timer = setTimeout(() => void flush(), retryAfterMs)
    return
  }
  const accepted = events.filter((event) => answer.accepted.includes(event.key))
  const reasons = new Map(answer.refused.map((one) => [one.key, one.message]))
  const at = Date.now()
  show({ ...settled(box, answer, at), isSignedOut: false })
  // Told only now, so that what is asked for next is asked for later than this.
  for (const keeper of keepers) keeper(accepted)
  await write([
    ...accepted.map((event) => rowOf(sender, event, 'sent', { sentAt: at })),
    ...events.flatMap((event) => {
      const message = reasons.get(event.key)
      return message === undefined ? [] : [rowOf(sender, event, 'refused', { message })]
    }),
  ])
  // An answer that speaks of none of them is no answer: the next try is not made at once.
  if (box.waiting.length > 0) {
    if (accepted.length + reasons.size > 0) void flush()
    else timer = setTimeout(() => void flush(), retryAfterMs)
  }
}

/** Opens the box of the trainer who is signed in, and sends what has waited; another trainer's stays shut. */
export async function openOutbox(trainer: number): Promise<void> {
  if (owner !== trainer) {
    const opened = await read(trainer)
    owner = trainer
    show(opened)
    channel?.close()
    channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('nimble-shelf-floor')
    if (channel !== null) {
      // Another window of this device has done something: both show the same.
      channel.onmessage = () => {
        if (owner === trainer && !sending) {
          void read(trainer).then((now) => {
            if (owner === trainer && now.trouble === null) show(joined(now, box))
          })
        }
      }
    }
  } else if (box.isSignedOut) {
    show({ ...box, isSignedOut: false })
  }
  await flush()
}

/** Shuts the box when its trainer signs out: what waits in it waits on this device until they are back. */
export function closeOutbox(): void {
  owner = null
  channel?.close()
  channel = null
  clearTimeout(timer)
  show(empty)
}

/** What happened: it shows at once, goes to the device, and leaves when there is a network. */
export function happen(...events: FloorEvent[]): void {
  if (events.length === 0) return
  if (owner === null) throw new Error('Nobody’s outbox is open.')
  const trainer = owner
  show({ ...box, waiting: [...box.waiting, ...events] })
  void write(events.map((event) => rowOf(trainer, event, 'waiting'))).then(flush)
}

/** Puts what was refused away once it has been read. */
export function putAway(): void {
  const keys = box.refused.map(({ event }) => event.key)
  show({ ...box, refused: [] })
  dropEvents(keys).catch(() => undefined)
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

export const currentBox = (): Outbox => box

export function useOutbox(): Outbox {
  return useSyncExternalStore(subscribe, () => box)
}

/** All that this device made, what is sent and what is not, in the order in which it happened. */
export const madeHere = ({ sent, waiting }: Outbox): FloorEvent[] => [...sent.map(({ event }) => event), ...waiting]

/** Whose box is open; null while nobody's is. */
export function useOutboxOwner(): number | null {
  return useSyncExternalStore(subscribe, () => owner)
}
