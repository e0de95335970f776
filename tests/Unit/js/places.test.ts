import { describe, expect, it } from 'vitest'
import {
  endOf,
  heir,
  neighbour,
  otherDay,
  slotKeys,
  standsAlone,
} from '../../../resources/js/features/programme/editor/places'
import type { SheetBlock, SheetSession, SheetSlot, WeekSheet } from '../../../resources/js/shared/api'

const slot = (thread: string) => ({ thread }) as SheetSlot
const block = (kind: string, ...threads: string[]) => ({ kind, slots: threads.map(slot) }) as SheetBlock
const session = (weekday: number, ...blocks: SheetBlock[]) => ({ weekday, blocks }) as SheetSession
const sheet = (...sessions: SheetSession[]) => ({ sessions }) as WeekSheet

describe('the places of a week', () => {
  const week = sheet(
    session(1, block('warm-up', 'w'), block('superset', 'a', 'b'), block('circuit', 'c', 'd'), block('cool-down', 'z')),
    session(4, block('straight', 'a', 'e')),
    session(6),
  )

  it('names every exercise by its day and thread, in the order of the week', () => {
    expect(slotKeys(week)).toEqual(['1/w', '1/a', '1/b', '1/c', '1/d', '1/z', '4/a', '4/e'])
  })

  it.each([
    ['the next', '1/a', 1, '1/b'],
    ['the one before', '1/a', -1, '1/w'],
    ['over to the next day', '1/z', 1, '4/a'],
    ['stays at the end', '4/e', 1, '4/e'],
    ['stays at the beginning', '1/w', -1, '1/w'],
  ])('walks: %s', (_, from, by, to) => {
    expect(neighbour(slotKeys(week), from, by)).toBe(to)
  })

  it.each([
    ['to the one after what is taken out', '1/b', '1/c'],
    ['to the one before the last', '4/e', '4/a'],
  ])('hands the focus on %s', (_, gone, to) => {
    expect(heir(slotKeys(week), gone)).toBe(to)
  })

  it('has nobody to hand the focus to where there is only one', () => {
    expect(heir(['1/a'], '1/a')).toBeNull()
  })

  it.each([
    [1, 1, 4],
    [4, -1, 1],
    [6, 1, null],
    [1, -1, null],
  ])('knows the session beside %i by %i', (weekday, by, day) => {
    expect(otherDay(week, weekday, by)).toBe(day)
  })

  it.each([
    ['before a cool-down', week.sessions[0], { weekday: 1, block: 3, place: null }],
    ['after the last block', week.sessions[1], { weekday: 4, block: 1, place: null }],
    ['in an empty session', week.sessions[2], { weekday: 6, block: 0, place: null }],
  ])('ends the work %s', (_, one, gap) => {
    expect(endOf(one as SheetSession)).toEqual(gap)
  })

  it('leaves room to stand alone between two rounds, not beside straight sets', () => {
    const [first, second] = week.sessions as [SheetSession, SheetSession]
    expect([0, 1, 2, 3].map((i) => standsAlone(first.blocks, i))).toEqual([false, true, true, true])
    expect(standsAlone(second.blocks, 0)).toBe(false)
    expect(standsAlone([block('straight', 'a'), block('superset', 'b', 'c')], 1)).toBe(false)
    expect(standsAlone([], 0)).toBe(false)
  })
})
