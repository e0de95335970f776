import { expect, test } from 'vitest'
import { answered, doubtsIn } from '../../../resources/js/features/programme/Written'
import type { WrittenDoubt, WrittenLine } from '../../../resources/js/shared/api'

const doubt = (from: number, to: number, ...choices: string[]): WrittenDoubt => ({
  question: 'Which?',
  from,
  to,
  choices,
})
const line = (...doubts: WrittenDoubt[]): WrittenLine => ({
  text: '',
  kind: '',
  rule: '',
  doubts,
  refused: [],
  left: [],
  slots: [],
})

test('an answer stands where the question stood, and nothing else moves', () => {
  expect(answered('squat 3x10\npress 3x8', doubt(11, 16), 'floor press')).toBe('squat 3x10\nfloor press 3x8')
  expect(answered('press', doubt(0, 5), '')).toBe('')
})

test('places are counted in characters, however many halves they have', () => {
  expect(answered('💪💪 press 3x8', doubt(3, 8), 'push-up')).toBe('💪💪 push-up 3x8')
})

test('questions come in the order of the text, whichever line they were found in', () => {
  const found = doubtsIn([line(doubt(40, 45)), line(doubt(3, 8), doubt(20, 22)), line()])
  expect(found.map(({ from }) => from)).toEqual([3, 20, 40])
})
