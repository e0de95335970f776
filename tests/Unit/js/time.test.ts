import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { briefDay, daysLater, longDay, minutesAndSeconds, timeOfDay } from '../../../resources/js/shared/lib/time'

describe('days and hours as they are said', () => {
  beforeAll(() => void vi.useFakeTimers({ now: new Date('2026-11-26T12:00:00Z') }))
  afterAll(() => void vi.useRealTimers())

  it.each([
    ['2026-11-25T23:30:00+01:00', '23:30'],
    ['2026-11-25T23:30:00-08:00', '23:30'],
    ['2026-10-25T08:30:00+02:00', '08:30'],
    ['2026-11-26T00:05:00+00:00', '00:05'],
  ])('shows the clock on the wall of %s, wherever this device is', (iso, time) => expect(timeOfDay(iso)).toBe(time))

  it('keeps a late evening on its own day', () => {
    expect(longDay('2026-11-25T23:30:00-08:00')).toMatch(/25 November$/)
    expect(briefDay('2026-11-25T23:30:00+13:00')).toMatch(/25 Nov$/)
  })

  it('says the year where it is another', () => {
    expect(longDay('2019-03-04')).toBe('Monday 4 March 2019')
    expect(briefDay('2019-03-04T10:00:00+01:00')).toMatch(/^Mon,? 4 Mar 2019$/)
  })

  it.each([
    [0, '0:00'],
    [-3, '0:00'],
    [59.2, '1:00'],
    [90, '1:30'],
    [600, '10:00'],
  ])('counts %s seconds as %s', (seconds, said) => expect(minutesAndSeconds(seconds)).toBe(said))

  it.each([
    ['2026-11-27', 7, '2026-12-04'],
    ['2026-03-01', -7, '2026-02-22'],
    ['2026-12-31', 1, '2027-01-01'],
    ['2026-10-24', 1, '2026-10-25'],
    ['2026-11-27', 0, '2026-11-27'],
  ])('%s and %i days is %s', (from, days, to) => expect(daysLater(from, days)).toBe(to))
})
