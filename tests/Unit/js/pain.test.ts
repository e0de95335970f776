import { describe, expect, it } from 'vitest'
import { sparing } from '../../../resources/js/features/floor/PainSheet'
import { alternativeOf, itemOf, sessionOf } from './floor'

const session = sessionOf([{ items: [{ id: 1 }] }])
const way = (name: string, loads: string[]) => ({
  ...alternativeOf(session, 1, name),
  item: { ...itemOf(1), exercise: name, name },
  loads,
})

describe('what is offered after pain', () => {
  const rows = [
    way('inverted-row', ['elbow']),
    way('band-row', ['elbow']),
    way('shoulder-blade-squeeze', []),
    way('exercise-1', []),
  ]

  it('spares the joint that hurts first, and keeps the order otherwise', () => {
    const offered = sparing(rows, itemOf(1), 'elbow').map(({ other, spares }) => `${other.item.name} ${spares}`)
    expect(offered).toEqual(['shoulder-blade-squeeze true', 'inverted-row false', 'band-row false'])
  })

  it('keeps the order where nobody said where it hurts', () => {
    expect(sparing(rows, itemOf(1), null).map(({ other }) => other.item.name)).toEqual([
      'inverted-row',
      'band-row',
      'shoulder-blade-squeeze',
    ])
  })
})
