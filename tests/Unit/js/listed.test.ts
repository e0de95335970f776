import { describe, expect, it } from 'vitest'
import { listed, type Asked } from '../../../resources/js/features/clients/listed'
import type { ClientSummary } from '../../../resources/js/shared/api'

const client = (name: string, with_: Partial<ClientSummary> = {}) =>
  ({
    name,
    trade: '',
    goal: '',
    limits: [],
    shelfCount: 0,
    nextVisit: null,
    isArchived: false,
    ...with_,
  }) as unknown as ClientSummary

const all = [
  client('Marisol', { trade: 'potter', shelfCount: 9, nextVisit: '2026-12-02T09:00:00Z' }),
  client('Orrin', { trade: 'lock-keeper', goal: 'Muscle', shelfCount: 4, nextVisit: '2026-12-01T09:00:00Z' }),
  client('Élodie', { trade: 'ferry hand', shelfCount: 4 }),
  client('Gideon', { isArchived: true }),
]
const names = (asked: Partial<Asked>) =>
  listed(all, { text: '', order: 'name', archived: false, ...asked }).map(({ name }) => name)

describe('the list of clients', () => {
  it.each<[string, Partial<Asked>, string[]]>([
    ['everybody who is visited, by name', {}, ['Élodie', 'Marisol', 'Orrin']],
    ['by name without its accent', { text: 'elo' }, ['Élodie']],
    ['by trade and goal', { text: 'LOCK muscle' }, ['Orrin']],
    ['by nothing anybody is', { text: 'anvil' }, []],
    ['by the next visit, those without last', { order: 'visit' }, ['Orrin', 'Marisol', 'Élodie']],
    ['by how much stands on the shelf, alike ones by name', { order: 'shelf' }, ['Élodie', 'Orrin', 'Marisol']],
    ['those who were put away', { archived: true }, ['Gideon']],
  ])('%s', (_, asked, expected) => expect(names(asked)).toEqual(expected))
})
