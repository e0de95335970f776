import type { ShelfItem } from '../../shared/api'

/** How the things of a board stand beside each other. */
export type Order = 'written' | 'name' | 'mass'

export const orders: [Order, string][] = [
  ['written', 'as written down'],
  ['name', 'by name'],
  ['mass', 'lightest first'],
]

/** In the order that is wanted; what weighs nothing by itself stands after what does. */
export function ordered(items: ShelfItem[], order: Order): ShelfItem[] {
  if (order === 'written') return items
  const byName = (one: ShelfItem, other: ShelfItem) => one.name.localeCompare(other.name, 'en', { numeric: true })
  return [...items].sort((one, other) =>
    order === 'name' ? byName(one, other) : (one.massKg ?? Infinity) - (other.massKg ?? Infinity) || byName(one, other),
  )
}
