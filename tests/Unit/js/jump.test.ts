import { describe, expect, it } from 'vitest'
import { entriesOf, found } from '../../../resources/js/features/jump/entries'
import { clientInPath } from '../../../resources/js/shared/lib/places'
import type { CatalogueEntry, ClientSummary, Round, Visit } from '../../../resources/js/shared/api'

const client = (id: number, name: string) => ({ id, name }) as ClientSummary
const exercise = (id: string, name: string, aliases: string[] = [], muscles: string[] = []) =>
  ({ id, name, aliases, patternName: 'Squat', muscles, kit: ['body weight'] }) as unknown as CatalogueEntry
const visit = (sessionId: number, clientName: string, more: Partial<Visit> = {}) =>
  ({
    sessionId,
    clientName,
    sessionName: 'Upper body',
    startsAt: '2026-11-27T09:00:00+01:00',
    state: 'planned',
    firstSwapItemId: null,
    ...more,
  }) as Visit
const round = (...visits: Visit[]) => ({ visits }) as Round

const all = entriesOf({
  clients: [client(1, 'Orrin Kestlewick'), client(2, 'Marisol Tangwynne')],
  exercises: [
    exercise('squat', 'Squat', ['air squat'], ['quadriceps']),
    exercise('hip-lift', 'Hip lift', [], ['gluteals']),
  ],
  today: round(visit(7, 'Marisol Tangwynne', { firstSwapItemId: 70 }), visit(8, 'Orrin Kestlewick', { state: 'done' })),
  tomorrow: round(visit(9, 'Orrin Kestlewick')),
  here: 2,
})
const first = (typed: string) => found(all, typed)[0]?.entries[0]?.to

describe('jumping', () => {
  it.each([
    ['settings', '/settings'],
    ['setings', '/settings'],
    ['password', '/settings#password'],
    ['marisol shelf', '/clients/2/shelf'],
    ['marisol kit', '/clients/2/shelf'],
    ['orrin bench', '/clients/1/bench'],
    ['squats', '/catalogue/squat'],
    ['glutes', '/catalogue/hip-lift'],
    ['dark', '!theme'],
    ['book', '/?add=visit'],
    ['floor marisol', '/floor/7'],
    ['swap marisol', '/swap/70'],
    ['run upper body orrin', '/floor/8'],
  ])('“%s” leads to %s', (typed, to) => {
    expect(first(typed)).toBe(to)
  })

  it('finds nothing that is called otherwise', () => {
    expect(found(all, 'zzzz')).toEqual([])
  })

  it('shows what is near where nothing is typed: the client who is looked at first, no other, no exercise', () => {
    const groups = found(all, '  ').map(({ group }) => group)
    expect(groups).toEqual(['Marisol Tangwynne', 'Places', 'Do', 'Sessions of today'])
  })

  it('offers a plan anew and a swap only where there is something to do', () => {
    const of = (clientName: string) => all.filter(({ name }) => name.includes(`${clientName}, `)).map(({ to }) => to)
    expect(of('Marisol Tangwynne')).toEqual(['/floor/7', '/swap/70', '/replan/7'])
    expect(of('Orrin Kestlewick')).toEqual(['/floor/8', '/floor/9', '/replan/9'])
  })

  it('never lists more than can be read', () => {
    const many = entriesOf({
      clients: Array.from({ length: 40 }, (_, id) => client(id, `Orrin Kestlewick the ${id}.`)),
      exercises: [],
      today: undefined,
      tomorrow: undefined,
      here: null,
    })
    expect(found(many, 'orrin').reduce((sum, { entries }) => sum + entries.length, 0)).toBe(60)
  })

  it('knows whose place an address is', () => {
    expect(clientInPath('/clients/12/shelf')).toBe(12)
    expect(clientInPath('/clients/new')).toBeNull()
    expect(clientInPath('/floor/3')).toBeNull()
  })
})
