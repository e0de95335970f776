import { describe, expect, it } from 'vitest'
import { othersOf } from '../../../resources/js/features/floor/run/others'
import type { Alternative, Alternatives, ItemAlternatives } from '../../../resources/js/shared/api'
import { alternativeOf, itemOf, sessionOf } from './floor'

const session = sessionOf([{ items: [{ id: 7, sets: 3 }], rest: 60 }])
const at = (rung: string, way = 'swap'): Alternative => {
  const other = alternativeOf(session, 7, rung)
  return { ...other, way, item: { ...other.item, rung } }
}
const listOf = (more: Partial<ItemAlternatives> = {}): Alternatives => ({
  sessionId: 1,
  items: [
    {
      itemId: 7,
      rung: '8 kg',
      own: at('8 kg', 'own'),
      easier: at('6 kg', 'easier'),
      harder: at('10 kg', 'harder'),
      swaps: [at('band'), at('bag')],
      ...more,
    },
  ],
})
const shown = (rung: string) => itemOf(7, { rung })
const named = (alternatives: Alternatives | null, rung: string) => {
  const others = othersOf(alternatives, shown(rung))
  return (
    others && {
      before: others.before?.key ?? null,
      easier: others.easier?.key ?? null,
      harder: others.harder?.key ?? null,
      swaps: others.swaps.map((one) => one.key),
    }
  )
}

describe('what may take the place of an exercise', () => {
  it.each([
    ['as it was reckoned', '8 kg', { before: null, easier: '6 kg', harder: '10 kg', swaps: ['band', 'bag'] }],
    ['after harder', '10 kg', { before: '8 kg', easier: '8 kg', harder: null, swaps: ['band', 'bag'] }],
    ['after easier', '6 kg', { before: '8 kg', easier: null, harder: '8 kg', swaps: ['band', 'bag'] }],
    ['after a swap', 'band', { before: '8 kg', easier: null, harder: null, swaps: ['bag'] }],
    ['of a rung nobody reckoned for', '12 kg', { before: '8 kg', easier: null, harder: null, swaps: ['band', 'bag'] }],
  ])('%s: %s', (_, rung, expected) => {
    expect(named(listOf(), rung)).toEqual(expected)
  })

  it('comes to nothing where nothing was fetched, or the shelf does not serve what was written', () => {
    expect(named(null, '8 kg')).toBeNull()
    expect(othersOf(listOf(), itemOf(8, { rung: '8 kg' }))).toBeNull()
    expect(othersOf(listOf(), undefined)).toBeNull()
    expect(named(listOf({ own: null }), '6 kg')).toMatchObject({ before: null, harder: null })
  })
})
