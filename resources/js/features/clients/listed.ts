import type { ClientSummary } from '../../shared/api'

export type Order = 'name' | 'visit' | 'shelf'

export interface Asked {
  text: string
  order: Order
  /** Those who were put away instead of those who are visited. */
  archived: boolean
}

const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')

const orders: Record<Order, (one: ClientSummary, other: ClientSummary) => number> = {
  name: (one, other) => one.name.localeCompare(other.name),
  // Who has no visit ahead comes last.
  visit: (one, other) => (one.nextVisit ?? '9').localeCompare(other.nextVisit ?? '9'),
  shelf: (one, other) => one.shelfCount - other.shelfCount,
}

/** The clients somebody looks for, by name, trade, goal or limit, in the order asked for; alike ones by name. */
export function listed(clients: ClientSummary[], { text, order, archived }: Asked): ClientSummary[] {
  const words = plain(text).split(/\s+/).filter(Boolean)
  return clients
    .filter((client) => client.isArchived === archived)
    .filter((client) => {
      const said = plain([client.name, client.trade, client.goal, ...client.limits.map(({ label }) => label)].join(' '))
      return words.every((word) => said.includes(word))
    })
    .sort((one, other) => orders[order](one, other) || orders.name(one, other))
}
