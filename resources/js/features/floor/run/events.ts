import type { FloorFact, Item, Session, SetLog, Step } from '../../../shared/api'

/** Every kind of thing that happens on the Floor, as the application knows them. */
export type FloorKind =
  | 'readiness'
  | 'started'
  | 'ended'
  | 'resumed'
  | 'set-begun'
  | 'set-done'
  | 'set-rated'
  | 'set-voided'
  | 'skipped'
  | 'taken-up'
  | 'redone'
  | 'moved'
  | 'swapped'
  | 'added'
  | 'picked'
  | 'rest-longer'
  | 'paused'
  | 'went-on'
  | 'pain'
  | 'note'
  | 'session-rated'

/** How an exercise looks once something is in its place. */
export interface Shown {
  item: Item
  /** Its work and what is announced before it, set by set. */
  steps: Step[]
}

/** Something that happened on the Floor, made on this device; the application keeps each once, in any order. */
export interface FloorEvent {
  key: string
  kind: FloorKind
  clientId: number
  sessionId: number
  /** Of this device's clock. */
  at: string
  /** Of this device: "Europe/Berlin". */
  zone: string
  itemId?: number
  targetKey?: string
  setNumber?: number
  side?: string | null
  seconds?: number
  exercise?: string
  setting?: Record<string, unknown>
  words?: string
  tempo?: Record<string, number> | null
  rangeRatio?: number | null
  certainty?: string
  reps?: number | null
  reserve?: number | null
  pain?: boolean
  painNote?: string
  to?: 'now' | 'later'
  why?: string
  instead?: Record<string, unknown>
  itemIds?: number[]
  where?: string
  what?: string
  note?: string
  sleep?: string
  soreness?: Record<string, number>
  systolic?: number
  diastolic?: number
  effort?: number
  soreExpected?: string
  /** For this device alone, not sent: how the exercise looks from now on, and how it looked before. */
  shown?: Shown
  before?: Shown
}

/** A key nobody else makes; also where the page came over plain http from another machine in the house. */
export function newKey(): string {
  if (typeof crypto.randomUUID === 'function') return crypto.randomUUID()
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}

/**
 * A key that follows from words: whoever says the same gets the same. For what the clock does by itself, on every device
 * that looks. The mixing is the finaliser of MurmurHash3 on four lanes; it only has to spread.
 */
export function keyFrom(words: string): string {
  const lanes = [0x9e3779b9, 0x85ebca6b, 0xc2b2ae35, 0x27d4eb2f].map((seed) => {
    let hash = seed
    for (let at = 0; at < words.length; at++) {
      hash = Math.imul(hash ^ words.charCodeAt(at), 0x5bd1e995)
      hash ^= hash >>> 15
    }
    hash = Math.imul(hash ^ (hash >>> 16), 0x85ebca6b)
    hash = Math.imul(hash ^ (hash >>> 13), 0xc2b2ae35)
    return ((hash ^ (hash >>> 16)) >>> 0).toString(16).padStart(8, '0')
  })
  const hex = lanes.join('')
  // Version 8 of RFC 9562: made in a way of one's own.
  return [hex.slice(0, 8), hex.slice(8, 12), `8${hex.slice(13, 16)}`, `a${hex.slice(17, 20)}`, hex.slice(20)].join('-')
}

/** A moment of this device’s clock, milliseconds since 1970, as it is sent. */
export const said = (at: number): string => new Date(at).toISOString().replace('Z', '+00:00')

export function eventOf(
  session: { id: number; clientId: number },
  kind: FloorKind,
  at: number,
  more: Partial<FloorEvent> = {},
): FloorEvent {
  return {
    key: newKey(),
    kind,
    clientId: session.clientId,
    sessionId: session.id,
    at: said(at),
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
    ...more,
  }
}

/** What is sent: what the device keeps for itself stays. */
export function sentAs(event: FloorEvent): Omit<FloorEvent, 'shown' | 'before'> {
  const sent = { ...event }
  delete sent.shown
  delete sent.before
  return sent
}

/** Kinds that name another event and undo it. */
export const takesBack = (kind: FloorKind): boolean => kind === 'set-voided' || kind === 'taken-up'

export function logOf(event: FloorEvent): SetLog {
  return {
    id: 0,
    key: event.key,
    exercise: event.exercise ?? '',
    words: event.words ?? '',
    setNumber: event.setNumber ?? 1,
    side: event.side ?? null,
    reps: event.reps ?? null,
    seconds: event.seconds ?? null,
    reserve: event.reserve ?? null,
    pain: event.pain ?? false,
    painNote: event.painNote ?? '',
    loggedAt: event.at,
  }
}

export function factOf(event: FloorEvent): FloorFact {
  return {
    key: event.key,
    kind: event.kind,
    at: event.at,
    itemId: event.itemId ?? null,
    setNumber: event.setNumber ?? null,
    side: event.side ?? null,
    seconds: event.seconds ?? null,
    to: event.to ?? null,
    why: event.why ?? null,
    itemIds: event.itemIds ?? [],
    effort: event.effort ?? null,
  }
}

export type { Session }
