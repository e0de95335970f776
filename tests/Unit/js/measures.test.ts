import { describe, expect, it } from 'vitest'
import { measureFields } from '../../../resources/js/features/clients/measures'

describe('height and mass before they are sent', () => {
  it.each([
    ['172', true],
    ['1,72', true],
    ['1.72 m', true],
    ['5 ft 8', true],
    ['17', false],
    ['250', false],
    ['', false],
    ['  ', false],
  ])('height %s', (said, holds) => {
    expect(measureFields.heightCm.safeParse(said).success).toBe(holds)
  })
  it.each([
    ['72,5', true],
    ['11 st 4', true],
    ['17', false],
    ['300', false],
  ])('mass %s', (said, holds) => {
    expect(measureFields.bodyMassKg.safeParse(said).success).toBe(holds)
  })
})
