import { describe, expect, it } from 'vitest'
import * as acts from '../../../resources/js/features/floor/run/acts'
import { keyFrom, type FloorEvent } from '../../../resources/js/features/floor/run/events'
import { withEvents } from '../../../resources/js/features/floor/run/overlay'
import { caughtUp, isUnseen, notRun } from '../../../resources/js/features/floor/run/play'
import { runOf, type Run } from '../../../resources/js/features/floor/run/run'
import type { Session } from '../../../resources/js/shared/api'
import { alternativeOf, sessionOf } from './floor'

const t0 = Date.parse('2026-11-27T08:00:00.000Z')
const s = (seconds: number) => t0 + 1000 * seconds

/** A warm-up, then three stations by the clock: 30 s of work, 15 s of rest, 60 s after the round. */
const intervals = (warmUp = true) =>
  sessionOf([
    ...(warmUp ? [{ isFrame: true, items: [{ id: 1, counting: 'down', seconds: 30 }] }] : []),
    {
      kind: 'intervals',
      byClock: true,
      goesRound: true,
      rounds: 2,
      rest: 15,
      roundRest: 60,
      items: [
        { id: 2, counting: 'down', seconds: 30 },
        { id: 3, counting: 'down', seconds: 30 },
        { id: 4, counting: 'down', seconds: 30 },
      ],
    },
  ])

type Hand = (session: Session, run: Run, at: number) => FloorEvent[]

/**
 * A page that is looked at ten times a second: what it shows at each moment, and what is recorded.
 */
function watched(session = intervals()) {
  let here = session
  let at = 0
  const made: FloorEvent[] = []
  const shownRunning: Record<string, [number, number][]> = {}
  const happen = (events: FloorEvent[]) => {
    made.push(...events)
    here = withEvents(here, events)
  }
  const look = () => {
    const events = caughtUp(here, s(at))
    if (!isUnseen(events, s(at))) happen(events)
    const run = runOf(here)
    if (run.phase !== 'work' || run.current === null || run.pausedAt !== null) return
    const seen = (shownRunning[run.current.key] ??= [])
    const last = seen.at(-1)
    if (last !== undefined && at - last[1] < 0.25) last[1] = at
    else seen.push([at, at])
  }
  const self = {
    get run() {
      return runOf(here)
    },
    get session() {
      return here
    },
    get at() {
      return at
    },
    made,
    until(end: number) {
      for (; at < end; at = Math.round(10 * at + 1) / 10) look()
      at = end
      look()
      return self
    },
    /** Nobody looks, as in a pocket. */
    asleep(end: number) {
      at = end
      return self
    },
    hand(act: Hand) {
      happen(act(here, runOf(here), s(at)))
      look()
      return self
    },
    begin: () => self.hand(acts.begin),
    now: (key: string) =>
      self.hand((session, run, moment) => {
        const set = run.sets.find((one) => one.key === key)
        return set === undefined ? [] : acts.forward(session, run, set, moment)
      }),
    /** What counts as done in the end, with the second at which it was. */
    done: () =>
      here.blocks
        .flatMap((block) => block.items)
        .flatMap((item) =>
          item.setLogs.map((log) => `${item.id}/${log.setNumber} ${(Date.parse(log.loggedAt) - t0) / 1000}`),
        ),
    /** Sets on record of which less was shown running than the clock says: there may be none. */
    unshown: () =>
      here.blocks
        .flatMap((block) => block.items)
        .flatMap((item) => item.setLogs.map((log) => ({ log, key: `${item.id}/${log.setNumber}/` })))
        .filter(({ log, key }) => {
          const end = (Date.parse(log.loggedAt) - t0) / 1000
          const seconds = log.seconds ?? 0
          const shown = (shownRunning[key] ?? [])
            .filter(([, to]) => to < end + 0.3)
            .reduce((sum, [from, to]) => sum + to - from, 0)
          return shown < seconds - 0.6 || !(shownRunning[key] ?? []).some(([, to]) => Math.abs(to - end) < 0.3)
        })
        .map(({ key }) => key),
  }
  return self
}

/** The warm-up is through. */
const warm = () => watched(intervals(false))

describe('a block that the clock runs', () => {
  it('goes from station to station by itself once it has begun', () => {
    const page = warm().begin().until(400)
    expect(page.done()).toEqual(['2/1 30', '2/2 210', '3/1 75', '3/2 255', '4/1 120', '4/2 300'])
    expect(page.unshown()).toEqual([])
    expect(page.run.phase).toBe('through')
  })

  it('runs nothing of itself while something else is what comes next', () => {
    // A station is wanted before the warm-up; after it the warm-up comes next, and stays so.
    const page = watched().now('4/1/').begin().until(300)
    expect(page.done()).toEqual(['4/1 30'])
    expect(page.run.current?.key).toBe('1/1/')
  })

  it('does a later station now, and begins nothing at a moment that was over before it was chosen', () => {
    const page = warm().begin().until(50)
    // The second station has run for five seconds when somebody wants the third one.
    page.now('4/1/').until(110)
    expect(page.run.phase).not.toBe('work')
    expect(page.done()).toEqual(['2/1 30'])
    page.begin().until(110 + 31)
    expect(page.done()).toEqual(['2/1 30', '4/1 140'])
    expect(page.unshown()).toEqual([])
  })

  it('shows what comes next while the rest runs, and runs just that', () => {
    const page = warm().begin().until(35)
    page.now('4/1/')
    expect(page.run.current?.key).toBe('4/1/')
    page.until(46)
    expect([page.run.phase, page.run.current?.key]).toEqual(['work', '4/1/'])
    page.until(80)
    expect(page.unshown()).toEqual([])
  })

  const ways: [string, (page: ReturnType<typeof watched>) => unknown][] = [
    [
      'left out while it runs',
      (page) => page.until(50).hand((session, run, at) => acts.leaveItemOut(session, run, 3, 'left-out', at)),
    ],
    [
      'left out in the rest before it',
      (page) => page.until(40).hand((session, run, at) => acts.leaveItemOut(session, run, 3, 'left-out', at)),
    ],
    ['put off while it runs', (page) => page.until(50).hand(acts.later)],
    ['put off in the rest before it', (page) => page.until(40).hand(acts.later)],
    [
      'swapped while it runs',
      (page) =>
        page.until(50).hand((session, run, at) => acts.swap(session, run, 3, alternativeOf(session, 3, 'way'), at, 0)),
    ],
    [
      'stopped by hand before the bell',
      (page) => page.until(50).hand((session, run, at) => acts.done(session, run, at, { reps: null, seconds: 5 })),
    ],
    ['held, and gone on with long after', (page) => page.until(50).hand(acts.hold).until(120).hand(acts.goOn)],
    [
      'held in the rest, and gone on with long after',
      (page) => page.until(40).hand(acts.hold).until(120).hand(acts.goOn),
    ],
    [
      'taken back while the next one runs',
      (page) => page.until(50).hand((session, _, at) => acts.undo(session, page.made, at)),
    ],
    [
      'taken back long after it ended',
      (page) => page.until(80).hand((session, _, at) => acts.undo(session, page.made, at)),
    ],
    [
      'brought back after it was left out',
      (page) =>
        page
          .until(40)
          .hand((session, run, at) => acts.leaveItemOut(session, run, 3, 'left-out', at))
          .until(100)
          .hand((session, run, at) => {
            const set = run.sets.find((one) => one.key === '3/1/')
            return set === undefined ? [] : acts.putBack(session, set, at)
          }),
    ],
    ['once more', (page) => page.until(40).hand(acts.again)],
    [
      'stopped for pain',
      (page) =>
        page
          .until(50)
          .hand((session, run, at) => acts.pain(session, run, { where: 'knee', what: 'dull', soFar: 3 }, at)),
    ],
    ['one more of it', (page) => page.until(50).hand((session, _, at) => acts.addSet(session, 3, at))],
  ]
  it.each(ways)('records nothing that was not shown running: %s', (_, way) => {
    const page = warm().begin()
    way(page)
    const before = page.at
    page.until(before + 200)
    const bySet = page.made.filter((event) => event.kind === 'set-done' && event.seconds === 30)
    expect(
      page.unshown().filter((key) => bySet.some((event) => key === `${event.itemId}/${event.setNumber}/`)),
    ).toEqual([])
    // And nothing that was begun lies before the moment at which a hand had changed what comes.
    const hands = page.made.filter(({ kind }) => ['moved', 'skipped', 'went-on', 'redone'].includes(kind))
    for (const begun of page.made.filter(({ kind }) => kind === 'set-begun')) {
      const place = page.made.indexOf(begun)
      for (const hand of hands.filter((one) => page.made.indexOf(one) < place)) {
        expect(Date.parse(begun.at)).toBeGreaterThanOrEqual(Date.parse(hand.at))
      }
    }
  })

  it('stays taken back: the set does not come again by itself, and waits until it is begun', () => {
    const page = warm().begin().until(80)
    expect(page.done()).toEqual(['2/1 30', '3/1 75'])
    page.hand((session, _, at) => acts.undo(session, page.made, at)).until(300)
    expect(page.done()).toEqual(['2/1 30'])
    expect(page.run.pausedAt).not.toBeNull()
    page.begin().until(331)
    expect(page.done()).toEqual(['2/1 30', '3/1 330'])
  })

  it('asks what was done while the page was asleep, and records none of it by itself', () => {
    const page = warm().begin().until(35).asleep(140).until(150)
    expect(page.done()).toEqual(['2/1 30'])
    const meanwhile = caughtUp(page.session, s(page.at))
    expect(isUnseen(meanwhile, s(page.at))).toBe(true)
    expect(meanwhile.filter(({ kind }) => kind === 'set-done')).toHaveLength(2)
    // None of it: the clock is held, and begins again by hand.
    page.hand((session, _, at) => notRun(session, at)).until(400)
    expect(page.done()).toEqual(['2/1 30'])
    page.begin().until(431)
    expect(page.done()).toEqual(['2/1 30', '3/1 430'])
  })

  it('does not ask where the machine only stood still for some seconds', () => {
    const page = warm().begin().until(29).asleep(38).until(50)
    expect(page.done()).toEqual(['2/1 30'])
    expect([page.run.phase, page.run.current?.key]).toEqual(['work', '3/1/'])
  })

  it('asks after a reload too, and not after a quick one', () => {
    const before = warm().begin().until(50)
    // The page is opened anew, from what is on record.
    expect(isUnseen(caughtUp(before.session, s(52)), s(52))).toBe(false)
    expect(isUnseen(caughtUp(before.session, s(300)), s(300))).toBe(true)
  })

  it('is recorded once however many devices look at it', () => {
    const first = warm().begin()
    const second = watched(first.session)
    first.until(100)
    second.until(100)
    const byClock = (events: FloorEvent[]) =>
      events.map(({ key, kind, at, itemId, setNumber }) => ({ key, kind, at, itemId, setNumber }))
    expect(byClock(second.made)).toEqual(byClock(first.made).slice(-second.made.length))
    // Both send the same keys: the application keeps each once.
    expect(new Set([...first.made, ...second.made].map(({ key }) => key)).size).toBe(first.made.length)
    expect(runOf(withEvents(first.session, second.made)).sets.filter(({ logs }) => logs.length > 1)).toEqual([])
  })
})

describe('a key that follows from words', () => {
  it('has the form of a key, is the same for the same words and another for any others', () => {
    const keys = Array.from({ length: 20_000 }, (_, n) => keyFrom(`a set ${n}`))
    expect(new Set(keys).size).toBe(keys.length)
    expect(keyFrom('a set 7')).toBe(keys[7])
    for (const key of keys.slice(0, 50))
      expect(key).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-a[0-9a-f]{3}-[0-9a-f]{12}$/)
  })
})
