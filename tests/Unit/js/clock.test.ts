import { describe, expect, it } from 'vitest'
import { clockFrom } from '../../../resources/js/features/floor/device/clock'
import { clockWords } from '../../../resources/js/features/floor/said'

/** A device whose wall clock and steady count are set by hand. */
function device(wall = 1_000_000) {
  const hands = { wall, steady: 500 }
  return {
    hands,
    times: { wall: () => hands.wall, steady: () => hands.steady },
    pass: (ms: number) => {
      hands.wall += ms
      hands.steady += ms
    },
  }
}

describe('the clock of a session', () => {
  it('goes with the time', () => {
    const { times, pass } = device()
    const clock = clockFrom(times)
    pass(1234)
    expect([clock.now(), clock.behind()]).toEqual([1_001_234, 0])
  })

  it('follows the wall where the device slept and the steady count with it', () => {
    const { times, hands } = device()
    const clock = clockFrom(times)
    hands.wall += 60_000
    hands.steady += 20
    expect(clock.now()).toBe(1_060_000)
    expect(clock.behind()).toBe(0)
  })

  it('does not follow a wall clock that is set back, says by how much, and forgets it when it is put right', () => {
    const { times, hands, pass } = device()
    const clock = clockFrom(times)
    pass(1000)
    hands.wall -= 300_000
    pass(1000)
    expect([clock.now(), clock.behind()]).toEqual([1_002_000, 300_000])
    pass(1000)
    expect(clock.now()).toBe(1_003_000)
    hands.wall += 300_000
    pass(1000)
    expect([clock.now(), clock.behind()]).toEqual([1_004_000, 0])
  })

  it('is not put off by a wall clock that the network puts right by a little', () => {
    const { times, hands, pass } = device()
    const clock = clockFrom(times)
    hands.wall -= 800
    pass(1000)
    expect([clock.now(), clock.behind()]).toEqual([1_001_000, 0])
  })

  it('is never earlier than what was done, also when the page is opened after the clock was set back', () => {
    const { times, pass } = device()
    const clock = clockFrom(times, 1_600_000)
    pass(1000)
    expect([clock.now(), clock.behind()]).toEqual([1_601_000, 600_000])
  })

  it('says whole tenths, and nothing only at nothing', () => {
    expect([clockWords(27_350), clockWords(50), clockWords(0), clockWords(61_000), clockWords(-5)]).toEqual([
      '0:27.4',
      '0:00.1',
      '0:00.0',
      '1:01.0',
      '0:00.0',
    ])
  })
})
