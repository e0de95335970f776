import type { Item, Session, SessionState, SetLog } from '../../shared/api'

/** Something that happened on the Floor, made on this device; the application keeps each once, in any order. */
export interface FloorEvent {
  key: string
  kind: 'started' | 'ended' | 'resumed' | 'set-done' | 'set-voided' | 'skipped' | 'taken-up' | 'rest-longer'
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
  reps?: number
  reserve?: number
  pain?: boolean
  painNote?: string
}

/** What was counted in one set. */
export interface DoneSet {
  setNumber: number
  side: string | null
  reps: number
  reserve: number
  pain: boolean
  painNote: string
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

export function eventOf(
  session: Session,
  kind: FloorEvent['kind'],
  now: Date,
  more: Partial<FloorEvent> = {},
): FloorEvent {
  return {
    key: newKey(),
    kind,
    clientId: session.clientId,
    sessionId: session.id,
    at: now.toISOString().replace('Z', '+00:00'),
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
    ...more,
  }
}

/** A set says what was really in the hand: nothing about it is looked up later. */
export function setDone(session: Session, item: Item, done: DoneSet, now: Date): FloorEvent {
  return eventOf(session, 'set-done', now, {
    itemId: item.id,
    exercise: item.exercise,
    setting: item.setting,
    words: item.words,
    tempo: item.tempoParts,
    rangeRatio: item.rangeRatio,
    certainty: item.certainty,
    ...done,
  })
}

function logOf(event: FloorEvent): SetLog {
  return {
    id: 0,
    key: event.key,
    setNumber: event.setNumber ?? 1,
    side: event.side ?? null,
    reps: event.reps ?? 0,
    reserve: event.reserve ?? 0,
    pain: event.pain ?? false,
    painNote: event.painNote ?? '',
    loggedAt: event.at,
  }
}

function stateAfter(state: SessionState, events: FloorEvent[]): SessionState {
  return events.reduce<SessionState>((now, { kind }) => {
    if (kind === 'ended') return 'done'
    if (kind === 'resumed' || (kind === 'started' && now === 'planned')) return 'running'
    return kind === 'set-done' && now === 'planned' ? 'running' : now
  }, state)
}

/** The session as it stands on this device: what the application knows, with what has not been sent yet. */
export function withEvents(session: Session, events: FloorEvent[]): Session {
  const ours = events.filter((event) => event.sessionId === session.id)
  if (ours.length === 0) return session
  const takenBack = new Set(ours.map((event) => event.targetKey))
  const done = ours.filter((event) => event.kind === 'set-done')
  const skipped = ours.filter((event) => event.kind === 'skipped')
  return {
    ...session,
    state: stateAfter(session.state, ours),
    blocks: session.blocks.map((block) => ({
      ...block,
      items: block.items.map((item) => {
        const fresh = done.filter((event) => event.itemId === item.id)
        const known = item.setLogs.filter((log) => !fresh.some((event) => event.key === log.key))
        return { ...item, setLogs: [...known, ...fresh.map(logOf)].filter((log) => !takenBack.has(log.key)) }
      }),
    })),
    skipped: [
      ...session.skipped.filter((one) => !skipped.some((event) => event.key === one.key)),
      ...skipped.map((event) => ({
        key: event.key,
        itemId: event.itemId ?? 0,
        setNumber: event.setNumber ?? 1,
        side: event.side ?? null,
        at: event.at,
      })),
    ].filter((one) => !takenBack.has(one.key)),
  }
}

/**
 * What was done last: a set, or all that was skipped at one go. That is what Undo takes back; null where nothing was.
 */
export function lastAction(session: Session): { kind: 'set' | 'skip'; keys: string[] } | null {
  const logs = session.blocks.flatMap((block) => block.items.flatMap((item) => item.setLogs))
  const actions = [
    ...logs.map((log) => ({ kind: 'set' as const, key: log.key, at: Date.parse(log.loggedAt) })),
    ...session.skipped.map((one) => ({ kind: 'skip' as const, key: one.key, at: Date.parse(one.at) })),
  ]
  const newest = actions.reduce<(typeof actions)[number] | null>(
    (last, one) => (last === null || one.at >= last.at ? one : last),
    null,
  )
  if (newest === null) return null
  const together = actions.filter(({ kind, at }) => kind === 'skip' && at === newest.at)
  return { kind: newest.kind, keys: newest.kind === 'set' ? [newest.key] : together.map(({ key }) => key) }
}
