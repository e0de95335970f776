import type { Item, Session, SetLog, Step } from '../../shared/api'

export interface PlacedStep extends Step {
  index: number
  item: Item
  log: SetLog | null
  skipped: boolean
}

export const stepKey = (step: Step) => `${step.itemId}/${step.setNumber}/${step.side ?? ''}`

/** The session's sets in order, each with its exercise and what was logged for it. */
export function placedSteps(session: Session, skipped: ReadonlySet<string>): PlacedStep[] {
  const items = new Map(session.blocks.flatMap((block) => block.items).map((item) => [item.id, item]))
  return session.steps.flatMap((step, index) => {
    const item = items.get(step.itemId)
    if (item === undefined) return []
    const ofSet = item.setLogs.filter((known) => known.setNumber === step.setNumber)
    // A swap may turn one set into two sides or back: what was done with both sides at once counts for each.
    const log =
      ofSet.find((known) => known.side === step.side) ??
      ofSet.find((known) => known.side === null || step.side === null) ??
      null
    return [{ ...step, index, item, log, skipped: log === null && skipped.has(stepKey(step)) }]
  })
}

/** The first set that is neither logged nor set aside; null when the session is through. */
export function nextStep(steps: PlacedStep[]): PlacedStep | null {
  return steps.find((step) => step.log === null && !step.skipped) ?? null
}
