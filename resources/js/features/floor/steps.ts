import type { Item, Session, SetLog, Step } from '../../shared/api'

export interface PlacedStep {
  itemId: number
  setNumber: number
  side: string | null
  /** Rest and changes until the next set; what is done in them beside it. */
  restSeconds: number
  /** What is said before the next set: what to put down, to take up, to change. */
  then: string[]
  index: number
  item: Item
  log: SetLog | null
  skipped: boolean
}

export const stepKey = (step: { itemId: number; setNumber: number; side: string | null }) =>
  `${step.itemId}/${step.setNumber}/${step.side ?? ''}`

function untilNext(steps: Step[], from: number): Step[] {
  const next = steps.findIndex((step, place) => place > from && step.kind === 'work')
  return next === -1 ? [] : steps.slice(from + 1, next)
}

/** The session's sets in order, each with its exercise and what was logged for it. */
export function placedSteps(session: Session): PlacedStep[] {
  const items = new Map(session.blocks.flatMap((block) => block.items).map((item) => [item.id, item]))
  const skipped = new Set(session.skipped.map(stepKey))
  return session.steps.flatMap((step, place) => {
    const item = items.get(step.itemId ?? 0)
    if (item === undefined || step.kind !== 'work' || !step.endsSet || step.setNumber === null) return []
    const { setNumber, side } = step
    const ofSet = item.setLogs.filter((known) => known.setNumber === setNumber)
    // A swap may turn one set into two sides or back: what was done with both sides at once counts for each.
    const log =
      ofSet.find((known) => known.side === side) ?? ofSet.find((known) => known.side === null || side === null) ?? null
    const between = untilNext(session.steps, place)
    return [
      {
        itemId: item.id,
        setNumber,
        side,
        restSeconds: between.reduce((seconds, one) => seconds + one.seconds, 0),
        then: between.filter((one) => one.kind !== 'rest').map((one) => one.words),
        index: place,
        item,
        log,
        skipped: log === null && skipped.has(stepKey({ itemId: item.id, setNumber, side })),
      },
    ]
  })
}

/** The first set that is neither logged nor set aside; null when the session is through. */
export function nextStep(steps: PlacedStep[]): PlacedStep | null {
  return steps.find((step) => step.log === null && !step.skipped) ?? null
}
