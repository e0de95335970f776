import type { Session, SessionState, SetLog, Step } from '../../../shared/api'
import { factOf, logOf, takesBack, type FloorEvent, type Shown } from './events'

function stateAfter(state: SessionState, events: FloorEvent[]): SessionState {
  return events.reduce<SessionState>((now, { kind }) => {
    if (kind === 'ended') return 'done'
    if (kind === 'resumed' || (kind === 'started' && now === 'planned')) return 'running'
    return kind === 'set-done' && now === 'planned' ? 'running' : now
  }, state)
}

/** Puts the sets of one exercise as they are now where they stood; rests and changes stay. */
export function withItem(session: Session, { item, steps }: Shown): Session {
  const own = (step: Step) => step.itemId === item.id && (step.kind === 'work' || step.kind === 'announce')
  const placed = new Set<number>()
  const laid = session.steps.flatMap((step) => {
    if (!own(step) || step.setNumber === null) return [step]
    // All of a set goes where the first of it stood.
    if (placed.has(step.setNumber)) return []
    placed.add(step.setNumber)
    return steps.filter((one) => one.setNumber === step.setNumber)
  })
  return {
    ...session,
    steps: laid,
    blocks: session.blocks.map((block) => ({
      ...block,
      items: block.items.map((one) => (one.id === item.id ? { ...item, setLogs: one.setLogs } : one)),
    })),
  }
}

/** One set more of an exercise, after its last one. */
function withOneMore(session: Session, itemId: number): Session {
  const work = session.steps.filter((step) => step.itemId === itemId && step.kind === 'work')
  const last = Math.max(0, ...work.map((step) => step.setNumber ?? 0))
  const isOfLast = (step: Step) =>
    step.itemId === itemId && (step.kind === 'work' || step.kind === 'announce') && step.setNumber === last
  const more = session.steps.filter(isOfLast).map((step) => ({ ...step, setNumber: last + 1 }))
  const place = session.steps.findLastIndex(isOfLast) + 1
  const item = session.blocks.flatMap((block) => block.items).find((one) => one.id === itemId)
  const rest: Step[] =
    item === undefined || item.restSeconds === 0
      ? []
      : [
          {
            kind: 'rest',
            seconds: item.restSeconds,
            words: 'Rest; next: the same again',
            itemId: null,
            setNumber: null,
            side: null,
            endsSet: false,
            dose: null,
            counting: null,
            pickUp: [],
            putDown: [],
          },
        ]
  return {
    ...session,
    steps: [...session.steps.slice(0, place), ...rest, ...more, ...session.steps.slice(place)],
    blocks: session.blocks.map((block) => ({
      ...block,
      items: block.items.map((one) => (one.id === itemId ? { ...one, sets: one.sets + 1 } : one)),
    })),
  }
}

function changed(session: Session, events: FloorEvent[], takenBack: Set<string | undefined>): Session {
  return events.reduce((now, event) => {
    if (event.kind === 'taken-up' && event.shown !== undefined) return withItem(now, event.shown)
    if (takenBack.has(event.key)) return now
    if (event.kind === 'swapped' && event.shown !== undefined) return withItem(now, event.shown)
    return event.kind === 'added' && event.itemId !== undefined ? withOneMore(now, event.itemId) : now
  }, session)
}

/** The session as it stands on this device: what the application knows, with what has not been sent yet. */
export function withEvents(session: Session, events: FloorEvent[]): Session {
  const ours = events.filter((event) => event.sessionId === session.id)
  if (ours.length === 0) return session
  const takenBack = new Set(ours.filter((event) => takesBack(event.kind)).map((event) => event.targetKey))
  const known = new Set(session.facts.map((fact) => fact.key))
  const rated = new Map(
    ours.filter((event) => event.kind === 'set-rated').map((event) => [event.targetKey, event.reserve ?? null]),
  )
  const asRated = (log: SetLog): SetLog => (rated.has(log.key) ? { ...log, reserve: rated.get(log.key) ?? null } : log)
  const done = ours.filter((event) => event.kind === 'set-done')
  const isFact = ({ kind }: FloorEvent) => !takesBack(kind) && kind !== 'set-done' && kind !== 'set-rated'
  const laid = changed(
    session,
    ours.filter((event) => !known.has(event.key)),
    takenBack,
  )
  return {
    ...laid,
    state: stateAfter(session.state, ours),
    startedAt: session.startedAt ?? ours.find(({ kind }) => kind === 'started')?.at ?? null,
    endedAt: ours.findLast(({ kind }) => kind === 'ended')?.at ?? session.endedAt,
    blocks: laid.blocks.map((block) => ({
      ...block,
      items: block.items.map((item) => {
        const fresh = done.filter((event) => event.itemId === item.id)
        const before = item.setLogs.filter((log) => !fresh.some((event) => event.key === log.key))
        return {
          ...item,
          setLogs: [...before, ...fresh.map(logOf)].filter((log) => !takenBack.has(log.key)).map(asRated),
        }
      }),
    })),
    facts: [...session.facts, ...ours.filter((event) => isFact(event) && !known.has(event.key)).map(factOf)].filter(
      (fact) => !takenBack.has(fact.key),
    ),
  }
}
