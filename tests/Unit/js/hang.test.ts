import { describe, expect, it } from 'vitest'
import { hungBelow } from '../../../resources/js/shared/plot/hang'

describe('tags hung below a rail', () => {
  it.each([
    ['far apart, all in the first row', [0, 100, 200], 50, [0, 0, 0]],
    ['two too near, the second goes below', [0, 30], 50, [0, 1]],
    ['the third has room above again', [0, 30, 60], 50, [0, 1, 0]],
    ['in any order', [60, 0, 30], 50, [0, 0, 1]],
    ['all in one place', [10, 10, 10], 50, [0, 1, 2]],
    ['nothing to hang', [], 50, []],
  ])('%s', (_, places, width, rows) => {
    expect(hungBelow(places, width)).toEqual(rows)
  })

  it('never lets two tags of one row touch', () => {
    const places = Array.from({ length: 60 }, (_, i) => (i * 37) % 400)
    const rows = hungBelow(places, 40)
    places.forEach((place, i) =>
      places.forEach((other, j) => {
        if (i < j && rows[i] === rows[j]) expect(Math.abs(place - other)).toBeGreaterThanOrEqual(40)
      }),
    )
  })
})
