import { describe, expect, it, vi } from 'vitest'
import { countOf, differenceInWords, jumpsInWords, rangeOf, signed } from '../../../resources/js/shared/lib/counts'
import { phaseAt } from '../../../resources/js/shared/lib/usePhase'
import { briefDay, longDay, minutesAndSeconds, timeOfDay } from '../../../resources/js/shared/lib/time'

describe('counts in words', () => {
  const usual = { reps: 10, reserve: 2, isHold: false, perSide: false }
  it.each([
    ['plain', usual, '10 repetitions, 2 in reserve'],
    ['with a range', { ...usual, repsLow: 7, repsHigh: 14 }, '10 (7–14) repetitions, 2 in reserve'],
    ['a range of one number', { ...usual, repsLow: 10, repsHigh: 10 }, '10 repetitions, 2 in reserve'],
    ['each side', { ...usual, perSide: true }, '10 repetitions each side, 2 in reserve'],
    ['a hold', { ...usual, reps: 40, isHold: true }, '40 seconds'],
  ])('%s', (_, counted, words) => expect(countOf(counted)).toBe(words))
})

describe('loads in words', () => {
  it.each([
    [8, '8'],
    [0, '0'],
    [-0, '0'],
    [-2.5, 'less 2.5'],
  ])('%s is signed %s', (value, words) => expect(signed(value)).toBe(words))
  it.each([
    [3, 4.5, '3–4.5'],
    [-3, -2.5, 'less 3 to less 2.5'],
    [-1, 2, 'less 1 to 2'],
  ])('from %s to %s', (low, high, words) => expect(rangeOf(low, high)).toBe(words))
})

describe('differences in words', () => {
  it.each([
    [0, 'no exercise more or less'],
    [1, '1 exercise more'],
    [-1, '1 exercise fewer'],
    [-12, '12 exercises fewer'],
  ])('%s is %s', (exercises, words) => expect(differenceInWords(exercises)).toBe(words))
  it.each([
    [[], 'no jump above 15 %'],
    [[40], '1 jump above 15 %, largest 40 %'],
    [[20, 300], '2 jumps above 15 %, largest 300 %'],
    [[301, 20], '2 jumps above 15 %, largest more than four times the load'],
  ])('%s is %s', (percents, words) => expect(jumpsInWords(percents)).toBe(words))
})

describe('times', () => {
  it.each([
    [65, '1:05'],
    [0, '0:00'],
    [-3, '0:00'],
    [59.2, '1:00'],
  ])('%s s is %s', (seconds, words) => expect(minutesAndSeconds(seconds)).toBe(words))

  it('names days and hours as they were written down, with the year only when it is another', () => {
    vi.useFakeTimers({ now: new Date('2026-11-25T09:00:00Z') })
    expect(longDay('2026-11-25')).toBe('Wednesday 25 November')
    expect(longDay('2027-05-25')).toBe('Tuesday 25 May 2027')
    expect(briefDay('2026-11-25')).toMatch(/^Wed,? 25 Nov$/)
    expect(briefDay('2025-12-31T23:59:00Z')).toMatch(/^Wed,? 31 Dec 2025$/)
    vi.useRealTimers()
    expect(timeOfDay('2026-11-25T08:30:00+00:00')).toBe('08:30')
  })
})

describe('the beat of a figure', () => {
  const beat = { liftSeconds: 1, lowerSeconds: 2 }
  it.each([
    ['starts at the bottom', 0, 0],
    ['is half way up after half the lift', 0.5, 0.5],
    ['pauses at the top', 1.2, 1],
    ['is half way down after half the lowering', 2.45, 0.5],
    ['pauses at the bottom', 3.7, 0],
    ['starts again', 3.9, 0],
  ])('%s', (_, seconds, phase) => expect(phaseAt(seconds, beat)).toBeCloseTo(phase, 2))
})
