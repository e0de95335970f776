import { describe, expect, it } from 'vitest'
import type { PlannedSession, WeekCheck } from '../../../resources/js/shared/api'
import { grouped } from '../../../resources/js/features/programme/checks'
import { commonReason } from '../../../resources/js/features/programme/reasons'

const session = (...whys: string[]) =>
  ({ blocks: [{ items: whys.map((why) => ({ why })) }] }) as unknown as PlannedSession

describe('the reason that is said once', () => {
  it.each([
    ['three alike', [session('One more.', 'One more.', 'Same'), session('One more.')], 'One more.'],
    ['only two', [session('One more.', 'One more.')], ''],
    ['nothing is said', [session('', '', '', '')], ''],
    ['nothing at all', [], ''],
  ])('%s', (_, sessions, said) => {
    expect(commonReason(sessions)).toBe(said)
  })
})

const check = (name: string, weekday: number | null, words: string, verdict = 'watch'): WeekCheck =>
  ({ name, weekday, words, verdict, value: '', wanted: 'most 6', week: 1 }) as WeekCheck

describe('checks said once', () => {
  it('puts the days of one check together and keeps the order', () => {
    const groups = grouped([
      check('Order', 4, 'a'),
      check('Changes', 2, '8'),
      check('Changes', 4, '10'),
      check('Order', 6, 'b'),
    ])
    expect(groups.map(({ name, days }) => [name, days.map((day) => day.weekday)])).toEqual([
      ['Order', [4, 6]],
      ['Changes', [2, 4]],
    ])
  })
  it('keeps what is broken apart from what is to be watched, and says nothing twice', () => {
    const groups = grouped([check('Order', 4, 'a', 'no'), check('Order', 4, 'a'), check('Order', 4, 'a')])
    expect(groups.map(({ verdict, days }) => [verdict, days.length])).toEqual([
      ['no', 1],
      ['watch', 1],
    ])
  })
})
