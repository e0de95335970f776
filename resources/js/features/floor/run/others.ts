import type { Alternative, Alternatives, Item } from '../../../shared/api'

/** Other ways of doing an exercise as it is shown now. */
export interface Others {
  /** What it was before something took its place; null where nothing did. */
  before: Alternative | null
  easier: Alternative | null
  harder: Alternative | null
  /** Best first. */
  swaps: Alternative[]
}

/**
 * What may take the place of an exercise. The list was reckoned for one rung; where another one is shown (a swap that has
 * just been made or taken back, with no network since), only what is known of that other one is said: the way back.
 *
 * @returns Null where nothing was fetched for it.
 */
export function othersOf(alternatives: Alternatives | null, item: Item | undefined): Others | null {
  const known = alternatives?.items.find((one) => one.itemId === item?.id)
  if (known === undefined || item === undefined) return null
  if (item.rung === known.rung) return { ...known, before: null }
  const isAt = (other: Alternative | null) => other !== null && other.item.rung === item.rung
  return {
    before: known.own,
    easier: isAt(known.harder) ? known.own : null,
    harder: isAt(known.easier) ? known.own : null,
    swaps: known.swaps.filter((other) => !isAt(other)),
  }
}
