import type { Block, FloorFact, Item, Session, SetLog, Step } from '../../../shared/api'

/** A stretch of work without a break. */
export interface Part {
  seconds: number
  /** Repetitions or seconds to aim at. */
  dose: number
  counting: 'repetitions' | 'down' | 'up'
  words: string
  /** Said when it begins: the switch of a two-phase set. */
  announce: string | null
}

/** One set of one exercise, or one side of it, with what happened to it. */
export interface PlacedSet {
  key: string
  itemId: number
  setNumber: number
  side: string | null
  item: Item
  block: Block
  parts: Part[]
  /** Seconds of work, all parts. */
  seconds: number
  /** Said when it begins: a layer that is added, half time; null where nothing is. */
  announce: string | null
  /** The rule of this round, of a ladder; null where the block has one rule for all. */
  roundRule: string | null
  /** What is put down, taken up or changed before it, in the order of the plan. */
  change: Step[]
  /** The set before it in the order of the plan; null for the first. */
  follows: string | null
  /** Rest and changes until the next set of the plan, seconds; none after the last. */
  restAfter: number
  logs: SetLog[]
  state: 'open' | 'done' | 'skipped' | 'not needed' | 'not chosen'
  /** True where it was put to the end of its round. */
  isPostponed: boolean
}

export const setKey = (of: { itemId: number | null; setNumber: number | null; side: string | null }): string =>
  `${of.itemId}/${of.setNumber}/${of.side ?? ''}`

/** What fills the time between sets. */
const isGap = (step: Step): boolean => step.kind === 'rest' || step.kind === 'change'

const secondsOf = (steps: Step[]): number => steps.reduce((sum, step) => sum + step.seconds, 0)

interface Cut {
  work: Step[]
  partAnnounces: (string | null)[]
  before: Step[]
}

/** The steps cut into sets, each with what comes before it. */
function cut(steps: Step[]): Cut[] {
  const sets: Cut[] = []
  let open: Cut = { work: [], partAnnounces: [], before: [] }
  let announce: string | null = null
  for (const step of steps) {
    if (step.kind !== 'work') {
      if (open.work.length > 0 && step.kind === 'announce') announce = step.words
      else open.before.push(step)
      continue
    }
    open.work.push(step)
    open.partAnnounces.push(announce)
    announce = null
    if (step.endsSet) {
      sets.push(open)
      open = { work: [], partAnnounces: [], before: [] }
    }
  }
  return sets
}

function partOf(step: Step, announce: string | null): Part {
  const counting = step.counting === 'down' || step.counting === 'up' ? step.counting : 'repetitions'
  return { seconds: step.seconds, dose: step.dose ?? step.seconds, counting, words: step.words, announce }
}

/** Where a move puts a set: among all, smaller comes first. */
function places(session: Session, sets: PlacedSet[]): Map<string, number> {
  const place = new Map(sets.map((set, index) => [set.key, index]))
  const endOfRound = (set: PlacedSet) =>
    Math.max(
      ...sets.flatMap((other, index) =>
        other.block.id === set.block.id && (!set.block.goesRound || other.setNumber === set.setNumber) ? [index] : [],
      ),
    )
  session.facts
    .filter((fact) => fact.kind === 'moved')
    .forEach((fact, index) => {
      const set = sets.find((one) => one.key === setKey(fact))
      if (set !== undefined) place.set(set.key, fact.to === 'now' ? -1 - index : endOfRound(set) + 0.001 * (index + 1))
    })
  return place
}

/** What the client picked of a menu; null where nothing has been picked yet. */
export function picked(block: Block, facts: FloorFact[]): number[] | null {
  const ids = new Set(block.items.map((item) => item.id))
  return (
    facts.findLast((fact) => fact.kind === 'picked' && fact.itemIds.some((itemId) => ids.has(itemId)))?.itemIds ?? null
  )
}

/** The sets of a session in the order in which they are done, as what happened leaves them. */
export function placedSets(session: Session): PlacedSet[] {
  const blockOf = new Map(session.blocks.flatMap((block) => block.items.map((item) => [item.id, block] as const)))
  const items = new Map(session.blocks.flatMap((block) => block.items).map((item) => [item.id, item]))
  const factsOf = (kind: string) => session.facts.filter((fact) => fact.kind === kind)
  const skipped = new Map(factsOf('skipped').map((fact) => [setKey(fact), fact.why]))
  const again = factsOf('redone').map(setKey)
  const moved = new Map(factsOf('moved').map((fact) => [setKey(fact), fact.to]))
  const cuts = cut(session.steps)
  const rules = new Map<string, string>()
  const sets: PlacedSet[] = []
  cuts.forEach(({ work, partAnnounces, before }, index) => {
    const last = work.at(-1)
    const item = items.get(last?.itemId ?? 0)
    const block = blockOf.get(last?.itemId ?? 0)
    if (last === undefined || item === undefined || block === undefined || last.setNumber === null) return
    const { setNumber, side } = last
    const key = setKey(last)
    const announce = before.find((step) => step.kind === 'announce')?.words ?? null
    const round = `${block.id}/${setNumber}`
    if (block.kind === 'ladder' && announce !== null) rules.set(round, announce)
    const ofSet = item.setLogs.filter((log) => log.setNumber === setNumber)
    // A swap may turn one set into two sides or back: what was done with both sides at once counts for each.
    const bySide = ofSet.filter((log) => log.side === side)
    const logs = bySide.length > 0 ? bySide : ofSet.filter((log) => log.side === null || side === null)
    const choice = block.pick === null ? null : picked(block, session.facts)
    const isDone = logs.length > again.filter((one) => one === key).length
    sets.push({
      key,
      itemId: item.id,
      setNumber,
      side,
      item,
      block,
      parts: work.map((step, place) => partOf(step, partAnnounces[place] ?? null)),
      seconds: secondsOf(work),
      announce: block.kind === 'ladder' || block.pick !== null ? null : announce,
      roundRule: rules.get(round) ?? null,
      change: before.filter((step) => step.kind === 'change'),
      follows: sets.at(-1)?.key ?? null,
      restAfter: secondsOf((cuts[index + 1]?.before ?? []).filter(isGap)),
      logs,
      state: isDone
        ? 'done'
        : choice !== null && !choice.includes(item.id)
          ? 'not chosen'
          : skipped.has(key)
            ? skipped.get(key) === 'enough'
              ? 'not needed'
              : 'skipped'
            : 'open',
      isPostponed: moved.get(key) === 'later',
    })
  })
  const place = places(session, sets)
  return sets.sort((one, two) => (place.get(one.key) ?? 0) - (place.get(two.key) ?? 0))
}
