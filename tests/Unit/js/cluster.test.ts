import { describe, expect, it } from 'vitest'
import { clustered, zoomed } from '../../../resources/js/features/rail/cluster'

describe('clustered', () => {
  it.each([
    [[], 10, []],
    [[5], 10, [[0]]],
    [[0, 4, 20], 10, [[0, 1], [2]]],
    [[0, 4, 9, 12, 30], 10, [[0, 1, 2], [3], [4]]],
    [[0, 10, 20], 10, [[0], [1], [2]]],
  ])('groups %j within %d as %j', (places, room, groups) => {
    expect(clustered(places, room)).toEqual(groups)
  })

  it('keeps every place once, in order', () => {
    const places = Array.from({ length: 60 }, (_, i) => i * 3.3)
    expect(clustered(places, 20).flat()).toEqual(places.map((_, i) => i))
  })
})

describe('zoomed', () => {
  it('goes closer round its centre and stays inside the whole', () => {
    expect(zoomed([0, 40], [0, 40], 20, 0.5)).toEqual([10, 30])
    expect(zoomed([0, 40], [0, 40], 2, 0.5)).toEqual([0, 20])
    expect(zoomed([0, 40], [0, 40], 39, 0.5)).toEqual([20, 40])
  })

  it('goes back no further than the whole', () => {
    expect(zoomed([10, 30], [0, 40], 20, 2)).toEqual([0, 40])
    expect(zoomed([10, 12], [0, 40], 11, 2)).toEqual([9, 13])
  })
})
