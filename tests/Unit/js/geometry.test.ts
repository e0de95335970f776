import { describe, expect, it } from 'vitest'
import type { Figure } from '../../../resources/js/shared/api'
import { angleOf, boundsOf, limb, mix, poseAt } from '../../../resources/js/shared/figure/geometry'

const figure: Figure = {
  view: 'side',
  jointNames: ['hip', 'near_grip'],
  frames: [
    [0, 0.9, 0.2, 0.8],
    [0, 1.0, 0.2, 1.2],
    [0, 1.0, 0.4, 1.6],
  ],
  props: [],
  load: { implement: 'dumbbell', point: 'hands', kg: 8, bothHands: true },
  heightM: 1.7,
  liftSeconds: 1,
  lowerSeconds: 2,
  hold: false,
  bandEnd: 'grip',
  telling: 1,
  palms: '',
}

describe('a pose between frames', () => {
  it.each([
    ['at the start', 0, [0.2, 0.8]],
    ['half way to the second', 0.25, [0.2, 1.0]],
    ['on the second', 0.5, [0.2, 1.2]],
    ['at the end', 1, [0.4, 1.6]],
    ['held beyond the end', 1.4, [0.4, 1.6]],
    ['held before the start', -1, [0.2, 0.8]],
  ])('%s', (_, phase, [x, y]) => {
    const [gotX, gotY] = poseAt(figure, phase).at('near_grip')
    expect(gotX).toBeCloseTo(x ?? 0)
    expect(gotY).toBeCloseTo(y ?? 0)
  })

  it('says which joint is missing', () => {
    expect(() => poseAt(figure, 0).at('tail')).toThrow('The figure has no joint called "tail".')
    expect(poseAt(figure, 0).has('hip')).toBe(true)
  })
})

describe('drawing', () => {
  it('knows what all frames reach, with the floor', () => {
    expect(boundsOf(figure)).toEqual({ left: 0, right: 0.4, bottom: 0, top: 1.6 })
  })

  it('closes every limb, also one shorter than it is thick', () => {
    for (const to of [
      [0, 1],
      [0.01, 0],
      [0, 0],
    ] as const) {
      const path = limb([0, 0], to, 0.1, 0.05)
      expect(path).toMatch(/^M.*Z$/)
      expect(path).not.toContain('NaN')
    }
  })

  it('mixes and turns', () => {
    expect(mix([0, 0], [2, 4], 0.25)).toEqual([0.5, 1])
    expect(angleOf([0, 0], [0, 1])).toBeCloseTo(90)
  })
})
