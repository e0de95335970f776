import type { Alternative, Block, Item, Session, Step } from '../../../resources/js/shared/api'

/*
 * Sessions as the application lays them out, small enough to be read: exercises with sets, and the steps between them.
 */

interface Wanted {
  kind?: string
  byClock?: boolean
  goesRound?: boolean
  isFrame?: boolean
  pick?: number
  rounds?: number
  items: { id: number; counting?: string; seconds?: number; sides?: boolean; sets?: number; isHold?: boolean }[]
  /** After each set, and after the last of a round. */
  rest?: number
  roundRest?: number
}

const blank: Step = {
  kind: 'rest',
  seconds: 0,
  words: '',
  itemId: null,
  setNumber: null,
  side: null,
  endsSet: false,
  dose: null,
  counting: null,
  pickUp: [],
  putDown: [],
}

export function itemOf(id: number, more: Partial<Item> = {}): Item {
  return {
    id,
    exercise: `exercise-${id}`,
    name: `Exercise ${id}`,
    words: '8 kg dumbbell in each hand',
    setting: { implement: 'dumbbell', mass_kg: 8 },
    certainty: 'labelled',
    sets: 1,
    reps: 10,
    isHold: false,
    restSeconds: 60,
    leftOut: null,
    servable: true,
    tempoParts: null,
    rangeRatio: null,
    setLogs: [],
    ...more,
  } as unknown as Item
}

const gap = (seconds: number): Step[] => (seconds > 0 ? [{ ...blank, seconds, words: 'Rest' }] : [])

function work(item: Wanted['items'][number], setNumber: number): Step[] {
  const one: Step = {
    ...blank,
    kind: 'work',
    seconds: item.seconds ?? 30,
    itemId: item.id,
    setNumber,
    endsSet: true,
    dose: 10,
    counting: item.counting ?? 'repetitions',
  }
  return item.sides === true ? ['left', 'right'].map((side) => ({ ...one, side })) : [one]
}

/** A session that runs; times are milliseconds since 1970. */
export function sessionOf(blocks: Wanted[], startedAt = '2026-11-27T08:00:00.000+00:00'): Session {
  const steps: Step[] = []
  const laid = blocks.map((wanted, index): Block => {
    const sets = (item: Wanted['items'][number]) => item.sets ?? wanted.rounds ?? 1
    const goesRound = wanted.goesRound ?? (wanted.rounds ?? 1) > 1
    const turns = goesRound
      ? Array.from({ length: wanted.rounds ?? 1 }, (_, round) =>
          wanted.items.map((item) => ({ item, set: round + 1 })),
        ).flat()
      : wanted.items.flatMap((item) => Array.from({ length: sets(item) }, (_, set) => ({ item, set: set + 1 })))
    for (const [place, { item, set }] of turns.entries()) {
      steps.push(...work(item, set))
      const endsRound = (place + 1) % wanted.items.length === 0
      steps.push(...gap((goesRound && endsRound ? wanted.roundRest : undefined) ?? wanted.rest ?? 0))
    }
    return {
      id: index + 1,
      kind: wanted.kind ?? 'straight',
      label: wanted.kind ?? 'straight sets',
      name: '',
      ruleWords: '',
      goesRound,
      byClock: wanted.byClock ?? false,
      isFrame: wanted.isFrame ?? false,
      pick: wanted.pick ?? null,
      needs: [],
      items: wanted.items.map((item) => itemOf(item.id, { sets: sets(item), isHold: item.isHold ?? false })),
    }
  })
  return {
    id: 1,
    clientId: 2,
    state: 'running',
    startedAt,
    endedAt: null,
    blocks: laid,
    steps,
    facts: [],
    shedding: [],
  } as unknown as Session
}

export function alternativeOf(session: Session, itemId: number, name: string): Alternative {
  const item = session.blocks.flatMap((block) => block.items).find((one) => one.id === itemId) ?? itemOf(itemId)
  return {
    key: name,
    way: 'easier',
    reasons: ['Lighter.'],
    lost: [],
    instead: { exercise: item.exercise },
    item: { ...item, words: name, setLogs: [] },
    steps: session.steps.filter((step) => step.itemId === itemId),
    loads: [],
  }
}

/** Numbers that look like chance and are the same every time. */
export function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (Math.imul(state ^ (state >>> 15), 2246822519) + 0x9e3779b9) >>> 0
    return ((state ^ (state >>> 13)) >>> 0) / 4294967296
  }
}
