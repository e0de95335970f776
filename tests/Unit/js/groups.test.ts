import { describe, expect, it } from 'vitest'
import type { Candidate } from '../../../resources/js/shared/api'
import { byExercise, listedOf } from '../../../resources/js/features/swap-desk/groups'

const candidate = (exercise: string, key: string) => ({ exercise, key }) as Candidate
const all = [
  candidate('squat', 's1'),
  candidate('split-squat', 'p1'),
  candidate('squat', 's2'),
  candidate('squat', 's3'),
  candidate('step-up', 'u1'),
]

describe('candidates by exercise', () => {
  it('stand in the order of the best of each, and none is lost', () => {
    const groups = byExercise(all)
    expect(groups.map(({ best, others }) => [best.key, others.map(({ key }) => key)])).toEqual([
      ['s1', ['s2', 's3']],
      ['p1', []],
      ['u1', []],
    ])
  })
  it('show the best of each until one is opened', () => {
    const groups = byExercise(all)
    expect(listedOf(groups, () => false).map(({ key }) => key)).toEqual(['s1', 'p1', 'u1'])
    expect(listedOf(groups, ({ exercise }) => exercise === 'squat').map(({ key }) => key)).toEqual([
      's1',
      's2',
      's3',
      'p1',
      'u1',
    ])
    expect(listedOf(groups, () => true)).toHaveLength(all.length)
  })
})
