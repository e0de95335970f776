import { describe, expect, it } from 'vitest'
import * as acts from '../../../resources/js/features/floor/run/acts'
import type { FloorEvent } from '../../../resources/js/features/floor/run/events'
import { withEvents } from '../../../resources/js/features/floor/run/overlay'
import { caughtUp, cuesUntil } from '../../../resources/js/features/floor/run/play'
import { openSets, restLeftMs, runOf, workedMs } from '../../../resources/js/features/floor/run/run'
import type { Session } from '../../../resources/js/shared/api'
import { alternativeOf, itemOf, seeded, sessionOf } from './floor'

const t0 = Date.parse('2026-11-27T08:00:00.000Z')
const s = (seconds: number) => t0 + 1000 * seconds
const straight = () =>
  sessionOf([
    {
      items: [
        { id: 1, sets: 2 },
        { id: 2, sets: 2 },
      ],
      rest: 60,
    },
  ])
const keysOf = (session: Session) => openSets(runOf(session)).map((set) => set.key)

function missing(): never {
  throw new Error('nothing is left')
}

/** A hand that does one thing after another. */
function hand(session: Session) {
  let here = session
  const made: FloorEvent[] = []
  const happen = (events: FloorEvent[]) => {
    made.push(...events)
    here = withEvents(here, events)
    return events
  }
  return {
    made,
    happen,
    get session() {
      return here
    },
    get run() {
      return runOf(here)
    },
    begin: (at: number) => happen(acts.begin(here, runOf(here), at)),
    done: (at: number, reps: number | null = 10) => happen(acts.done(here, runOf(here), at, { reps })),
    clock: (at: number) => happen(caughtUp(here, at)),
  }
}

describe('a session as it runs', () => {
  it('goes from ready to work to rest to the next set', () => {
    const floor = hand(straight())
    expect([floor.run.phase, floor.run.current?.key]).toEqual(['ready', '1/1/'])
    floor.begin(s(5))
    expect([floor.run.phase, workedMs(floor.run, s(25))]).toEqual(['work', 20000])
    floor.done(s(35))
    expect([floor.run.phase, floor.run.current?.key, restLeftMs(floor.run, s(45))]).toEqual(['rest', '1/2/', 50000])
    floor.happen(acts.restLonger(floor.session, 15, s(50)))
    expect(restLeftMs(floor.run, s(50))).toBe(60000)
    floor.begin(s(60))
    expect(floor.run.phase).toBe('work')
  })

  it('holds the clock of the work and of the rest while it is paused', () => {
    const floor = hand(straight())
    floor.begin(s(0))
    floor.happen(acts.hold(floor.session, floor.run, s(10)))
    expect(workedMs(floor.run, s(100))).toBe(10000)
    floor.happen(acts.goOn(floor.session, floor.run, s(100)))
    expect(workedMs(floor.run, s(110))).toBe(20000)
    floor.done(s(110))
    floor.happen(acts.hold(floor.session, floor.run, s(120)))
    floor.happen(acts.goOn(floor.session, floor.run, s(320)))
    expect(restLeftMs(floor.run, s(330))).toBe(40000)
  })

  it('asks in the rest how hard each set since the last one was, and no longer once it is said', () => {
    const floor = hand(
      sessionOf([{ goesRound: true, rounds: 2, items: [{ id: 1 }, { id: 2 }], rest: 10, roundRest: 60 }]),
    )
    floor.done(s(30))
    floor.done(s(70))
    expect(floor.run.toRate.map(({ set }) => set.key)).toEqual(['1/1/', '2/1/'])
    const first = floor.run.toRate[0]
    if (first !== undefined) floor.happen(acts.rate(floor.session, first.log, 2, s(80)))
    expect(floor.run.toRate.map(({ set }) => set.key)).toEqual(['2/1/'])
    expect(floor.session.blocks[0]?.items[0]?.setLogs[0]?.reserve).toBe(2)
    floor.done(s(200))
    expect(floor.run.toRate.map(({ set }) => set.key)).toEqual(['1/2/'])
  })

  it('goes on by the clock alone, each thing at its exact moment, however long nobody looked', () => {
    const intervals = () =>
      sessionOf([
        {
          kind: 'intervals',
          byClock: true,
          goesRound: true,
          rounds: 2,
          rest: 15,
          roundRest: 45,
          items: [
            { id: 1, counting: 'down', seconds: 30 },
            { id: 2, counting: 'down', seconds: 15, sides: true },
          ],
        },
      ])
    const awake = hand(intervals())
    awake.begin(s(0))
    for (let at = 0; at <= 300; at += 0.1) awake.clock(s(at))
    const asleep = hand(intervals())
    asleep.begin(s(0))
    asleep.clock(s(300))
    const told = (of: FloorEvent[]) =>
      of.map(({ kind, at, itemId, setNumber, side, seconds }) => ({ kind, at, itemId, setNumber, side, seconds }))
    expect(told(asleep.made)).toEqual(told(awake.made))
    const at = (kind: string) =>
      asleep.made.filter((event) => event.kind === kind).map((event) => (Date.parse(event.at) - t0) / 1000)
    expect(at('set-done')).toEqual([30, 60, 75, 150, 180, 195])
    expect(at('set-begun')).toEqual([0, 45, 60, 120, 165, 180])
    expect(asleep.run.phase).toBe('through')
  })

  it('decides nothing where the session was left: a set that began yesterday was not done', () => {
    const floor = hand(
      sessionOf([
        {
          kind: 'intervals',
          byClock: true,
          goesRound: true,
          rounds: 3,
          rest: 15,
          items: [{ id: 1, counting: 'down', seconds: 30 }],
        },
      ]),
    )
    floor.begin(s(0))
    floor.clock(s(31))
    floor.clock(s(24 * 3600))
    expect(floor.session.blocks[0]?.items[0]?.setLogs).toHaveLength(1)
    const fresh = hand(straight())
    fresh.begin(s(0))
    fresh.clock(s(24 * 3600))
    expect([fresh.run.phase, fresh.session.facts]).toEqual(['ready', []])
    // Thirty minutes asleep are no leaving.
    const asleep = hand(sessionOf([{ items: [{ id: 1, counting: 'down', seconds: 30 }] }]))
    asleep.begin(s(0))
    asleep.clock(s(1800))
    expect(asleep.run.phase).toBe('through')
  })

  it('ends a hold at its seconds, and one that is held as long as clean at its cap', () => {
    const floor = hand(
      sessionOf([
        {
          kind: 'hold',
          items: [
            { id: 1, counting: 'up', seconds: 60, isHold: true },
            { id: 2, counting: 'down', seconds: 20, isHold: true },
          ],
          rest: 20,
        },
      ]),
    )
    floor.begin(s(0))
    floor.clock(s(59))
    expect(floor.run.phase).toBe('work')
    floor.clock(s(61))
    expect(floor.session.blocks[0]?.items[0]?.setLogs[0]).toMatchObject({ reps: 60, seconds: 60, reserve: 0 })
    // Nobody is sent into the next hold by the clock.
    floor.clock(s(500))
    expect([floor.run.phase, floor.run.current?.key]).toEqual(['rest', '2/1/'])
    floor.begin(s(500))
    floor.clock(s(521))
    expect(floor.session.blocks[0]?.items[1]?.setLogs[0]).toMatchObject({ reps: 20, reserve: null })
  })

  it('goes on to the second side and to the next layer by itself, where there is no rest between', () => {
    const floor = hand(
      sessionOf([{ kind: 'layered', goesRound: true, rounds: 1, items: [{ id: 1, sides: true }, { id: 2 }] }]),
    )
    floor.begin(s(0))
    floor.done(s(30))
    floor.clock(s(31))
    expect([floor.run.phase, floor.run.current?.key, workedMs(floor.run, s(31))]).toEqual(['work', '1/1/right', 1000])
    floor.done(s(60))
    floor.clock(s(60))
    expect([floor.run.phase, floor.run.current?.key]).toEqual(['work', '2/1/'])
  })

  it('puts a set to the end of its round, and leaves out what has waited once', () => {
    const floor = hand(sessionOf([{ goesRound: true, rounds: 2, items: [{ id: 1 }, { id: 2 }, { id: 3 }] }]))
    const first = floor.run.current
    if (first === null) throw new Error('nothing to do')
    expect(acts.canWait(floor.run, first)).toBe(true)
    floor.happen(acts.later(floor.session, floor.run, s(1)))
    expect(keysOf(floor.session)).toEqual(['2/1/', '3/1/', '1/1/', '1/2/', '2/2/', '3/2/'])
    expect(acts.canWait(floor.run, floor.run.sets.find((set) => set.key === '1/1/') ?? first)).toBe(false)
    floor.happen(acts.undo(floor.session, floor.made, s(2)))
    expect(keysOf(floor.session)[0]).toBe('1/1/')
  })

  it('puts off an exercise whose sets follow each other with all that is left of it', () => {
    const floor = hand(straight())
    floor.done(s(30))
    floor.happen(acts.later(floor.session, floor.run, s(40)))
    expect(keysOf(floor.session)).toEqual(['2/1/', '2/2/', '1/2/'])
    floor.happen(acts.undo(floor.session, floor.made, s(50)))
    expect(keysOf(floor.session)).toEqual(['1/2/', '2/1/', '2/2/'])
    // Nothing else is left to go before it: then it is left out, and said to be.
    floor.happen(acts.leaveItemOut(floor.session, floor.run, 2, 'left-out', s(60)))
    expect(acts.canWait(floor.run, floor.run.current ?? missing())).toBe(false)
  })

  it('brings a set forward, does one again, adds one and a round', () => {
    const floor = hand(straight())
    const last = floor.run.sets.at(-1)
    if (last === undefined) throw new Error('no sets')
    floor.happen(acts.forward(floor.session, floor.run, last, s(1)))
    expect(floor.run.current?.key).toBe('2/2/')
    floor.done(s(30))
    floor.happen(acts.again(floor.session, floor.run, s(40)))
    expect(floor.run.current?.key).toBe('2/2/')
    floor.done(s(70))
    expect(floor.run.current?.key).toBe('1/1/')
    floor.happen(acts.addSet(floor.session, 1, s(80)))
    expect(keysOf(floor.session)).toEqual(['1/1/', '1/2/', '1/3/', '2/1/'])
    const block = floor.session.blocks[0]
    if (block !== undefined) floor.happen(acts.addRound(floor.session, block, s(90)))
    expect(keysOf(floor.session)).toEqual(['1/1/', '1/2/', '1/3/', '1/4/', '2/1/', '2/3/'])
  })

  it('swaps in the middle of a set: what was done is a set of its own, the rest goes on the other way', () => {
    const floor = hand(straight())
    floor.begin(s(0))
    floor.happen(acts.swap(floor.session, floor.run, 1, alternativeOf(floor.session, 1, '6 kg'), s(20), 4))
    expect(floor.run.phase).toBe('work')
    expect(floor.run.current?.item.words).toBe('6 kg')
    floor.done(s(40), 6)
    const logs = floor.session.blocks[0]?.items[0]?.setLogs
    expect(logs?.map(({ reps, words }) => [reps, words])).toEqual([
      [4, '8 kg dumbbell in each hand'],
      [6, '6 kg'],
    ])
    floor.happen(acts.undo(floor.session, floor.made, s(50)))
    floor.happen(acts.undo(floor.session, floor.made, s(51)))
    expect(floor.run.current).toMatchObject({ key: '1/1/' })
    expect(floor.run.current?.item.words).toBe('8 kg dumbbell in each hand')
    expect(floor.run.current?.item.setLogs).toEqual([])
  })

  it('undoes the skip and not an earlier set', () => {
    const floor = hand(straight())
    floor.done(s(30))
    floor.happen(acts.leaveItemOut(floor.session, floor.run, 1, 'left-out', s(40)))
    expect(floor.run.current?.key).toBe('2/1/')
    floor.happen(acts.undo(floor.session, floor.made, s(50)))
    expect(floor.run.current?.key).toBe('1/2/')
    expect(floor.session.blocks[0]?.items[0]?.setLogs).toHaveLength(1)
    floor.happen(acts.undo(floor.session, floor.made, s(60)))
    expect([floor.run.current?.key, floor.run.phase]).toEqual(['1/1/', 'ready'])
  })

  it('cuts what counts least until the rest fits, and brings it back at one go', () => {
    const plan = {
      ...straight(),
      shedding: [
        { itemId: 2, sets: 1 },
        { itemId: 1, sets: 1 },
        { itemId: 2, sets: 0 },
      ],
    }
    const floor = hand(plan)
    // Four sets of 30 s with three rests of a minute are five minutes.
    expect(acts.secondsLeft(floor.run)).toBe(4 * 30 + 3 * 60)
    floor.happen(acts.cutTo(floor.session, floor.run, 3, s(1)))
    expect(keysOf(floor.session)).toEqual(['1/1/', '2/1/'])
    floor.happen(acts.undo(floor.session, floor.made, s(2)))
    expect(keysOf(floor.session)).toHaveLength(4)
  })

  it('waits for a choice from a menu and leaves the others alone', () => {
    const floor = hand(sessionOf([{ kind: 'menu', pick: 1, items: [{ id: 1 }, { id: 2 }] }]))
    expect(floor.run.phase).toBe('choose')
    expect(acts.begin(floor.session, floor.run, s(1))).toEqual([])
    floor.happen(acts.pick(floor.session, [2], s(2)))
    expect([floor.run.phase, floor.run.current?.key]).toEqual(['ready', '2/1/'])
    floor.done(s(30))
    expect(floor.run.phase).toBe('through')
  })

  it('keeps what was done when pain stops a set', () => {
    const floor = hand(straight())
    floor.begin(s(0))
    const events = floor.happen(
      acts.pain(floor.session, floor.run, { where: 'left knee', what: 'sharp', soFar: 3 }, s(9)),
    )
    expect(events.map((event) => event.kind)).toEqual(['pain', 'set-done'])
    expect(floor.session.blocks[0]?.items[0]?.setLogs[0]).toMatchObject({
      reps: 3,
      pain: true,
      painNote: 'left knee, sharp',
    })
    expect(floor.run.toRate).toEqual([])
  })

  it('says anew what was really in the hand, and takes back what was said first', () => {
    const floor = hand(straight())
    floor.done(s(30), 12)
    const item = floor.session.blocks[0]?.items[0]
    const log = item?.setLogs[0]
    if (item === undefined || log === undefined) throw new Error('nothing logged')
    floor.happen(
      acts.correct(floor.session, item, log, { alternative: alternativeOf(floor.session, 1, '6 kg') }, s(50)),
    )
    const logs = floor.session.blocks[0]?.items[0]?.setLogs
    expect(logs).toHaveLength(1)
    expect(logs?.[0]).toMatchObject({ reps: 12, words: '6 kg', loggedAt: log.loggedAt })
    expect(restLeftMs(floor.run, s(50))).toBe(40000)
  })

  it('takes another weight than what was written, as it was read off, and says it is one', () => {
    const floor = hand(straight())
    floor.done(s(30), 12)
    const item = floor.session.blocks[0]?.items[0]
    const log = item?.setLogs[0]
    if (item === undefined || log === undefined) throw new Error('nothing logged')
    const [taken, anew] = acts.correct(floor.session, item, log, { massKg: 9.5 }, s(50))
    expect(taken).toMatchObject({ kind: 'set-voided', targetKey: log.key })
    expect(anew).toMatchObject({
      kind: 'set-done',
      reps: 12,
      exercise: item.exercise,
      setting: { implement: 'dumbbell', mass_kg: 9.5 },
      words: '9.5 kg, as said on the day',
      certainty: 'labelled',
    })
    expect(acts.hasMass(item)).toBe(true)
    expect(acts.hasMass(itemOf(9, { setting: { implement: 'body-weight' } }))).toBe(false)
  })

  it('marks what is not on the shelf', () => {
    const plan = straight()
    const first = plan.blocks[0]?.items[0]
    if (first !== undefined) first.servable = false
    const [event] = acts.done(plan, runOf(plan), s(1), { reps: 8 })
    expect(event?.words).toBe('8 kg dumbbell in each hand (not on the shelf)')
  })
})

describe('the bell', () => {
  it('is set ahead: start, three counts, half time and end of what comes, until a hand is needed', () => {
    const floor = hand(
      sessionOf([
        {
          kind: 'intervals',
          byClock: true,
          goesRound: true,
          rounds: 1,
          rest: 15,
          items: [
            { id: 1, counting: 'down', seconds: 30 },
            { id: 2, counting: 'down', seconds: 15, sides: true },
          ],
        },
      ]),
    )
    floor.begin(s(0))
    const cues = cuesUntil(floor.session, s(0), 600_000).map(({ at, kind }) => `${(at - t0) / 1000} ${kind}`)
    expect(cues).toEqual([
      '0 start',
      '15 half',
      '27 count',
      '28 count',
      '29 count',
      '30 end',
      '42 count',
      '43 count',
      '44 count',
      '45 start',
      '57 count',
      '58 count',
      '59 count',
      '60 end',
      '60 start',
      '72 count',
      '73 count',
      '74 count',
      '75 end',
    ])
  })

  it('stands still while the clock is held, and says the switch of a two-phase set', () => {
    const plan = sessionOf([{ kind: 'two-phase', items: [{ id: 1, counting: 'down', seconds: 20 }] }])
    plan.steps = plan.steps.flatMap((step) =>
      step.kind === 'work'
        ? [
            { ...step, endsSet: false },
            { ...step, kind: 'announce', seconds: 0, words: 'Now both sides together', endsSet: false },
            step,
          ]
        : [step],
    )
    const floor = hand(plan)
    expect(floor.run.sets).toHaveLength(1)
    floor.begin(s(0))
    expect(cuesUntil(floor.session, s(0), 60_000)).toContainEqual({
      at: s(20),
      kind: 'switch',
      words: 'Now both sides together',
    })
    floor.happen(acts.hold(floor.session, floor.run, s(5)))
    expect(cuesUntil(floor.session, s(6), 60_000)).toEqual([])
    floor.happen(acts.goOn(floor.session, floor.run, s(65)))
    expect(cuesUntil(floor.session, s(65), 60_000)).toContainEqual({
      at: s(80),
      kind: 'switch',
      words: 'Now both sides together',
    })
  })
})

describe('random hands', () => {
  const plans: (() => Session)[] = [
    straight,
    () =>
      sessionOf([{ goesRound: true, rounds: 3, items: [{ id: 1 }, { id: 2, sides: true }], rest: 10, roundRest: 60 }]),
    () =>
      sessionOf([
        {
          kind: 'intervals',
          byClock: true,
          goesRound: true,
          rounds: 2,
          rest: 15,
          items: [
            { id: 1, counting: 'down', seconds: 30 },
            { id: 2, counting: 'down', seconds: 15, sides: true },
          ],
        },
      ]),
    () =>
      sessionOf([
        { isFrame: true, items: [{ id: 1, counting: 'down', seconds: 30 }] },
        { kind: 'menu', pick: 2, items: [{ id: 2 }, { id: 3 }, { id: 4 }] },
        { kind: 'hold', items: [{ id: 5, counting: 'up', seconds: 60, isHold: true }], rest: 20 },
      ]),
  ]

  it('never reach a state without a way on, and every set is done, left out or left exactly once', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const chance = seeded(seed)
      const floor = hand((plans[seed % plans.length] ?? straight)())
      const shedding = floor.session.blocks
        .flatMap((block) => block.items)
        .map((item) => ({ itemId: item.id, sets: 0 }))
      floor.session.shedding.push(...shedding)
      let at = s(0)
      for (let tap = 0; tap < 60; tap++) {
        at += Math.floor(1 + 40000 * chance())
        floor.clock(at)
        const { run, session } = floor
        const some = run.sets[Math.floor(chance() * run.sets.length)]
        const open = openSets(run)
        const which = Math.floor(chance() * 14)
        const act = (): FloorEvent[] => {
          if (which === 0) return acts.begin(session, run, at)
          if (which === 1 || which === 2) return acts.done(session, run, at, { reps: 8 })
          if (which === 3 && run.current !== null && acts.canWait(run, run.current)) return acts.later(session, run, at)
          if (which === 4 && some?.state === 'open') return acts.forward(session, run, some, at)
          if (which === 5 && run.current !== null) return acts.leaveOut(session, [run.current], 'left-out', at)
          if (which === 6) return acts.undo(session, floor.made, at)
          if (which === 7) return acts.again(session, run, at)
          if (which === 8 && some !== undefined && run.sets.length < 40) return acts.addSet(session, some.itemId, at)
          if (which === 9) return run.pausedAt === null ? acts.hold(session, run, at) : acts.goOn(session, run, at)
          if (which === 10 && some !== undefined)
            return acts.swap(session, run, some.itemId, alternativeOf(session, some.itemId, `way ${tap}`), at, tap % 3)
          if (which === 11 && some?.state === 'skipped') return acts.putBack(session, some, at)
          if (which === 12 && run.menu !== null)
            return acts.pick(
              session,
              run.menu.items.slice(1).map((item) => item.id),
              at,
            )
          if (which === 13 && tap % 9 === 0) return acts.cutTo(session, run, 1, at)
          return []
        }
        floor.happen(act())
        const after = floor.run
        // Each set stands in the list once, in one state.
        expect(new Set(after.sets.map((set) => set.key)).size).toBe(after.sets.length)
        expect(open.length).toBeGreaterThanOrEqual(0)
        // And there is a way on: something to begin, to end, to choose, or the end of the session.
        const ways = [
          acts.begin(floor.session, after, at),
          after.phase === 'work' ? acts.done(floor.session, after, at, { reps: 1 }) : [],
          after.phase === 'choose' ? acts.pick(floor.session, [after.menu?.items[0]?.id ?? 0], at) : [],
          after.phase === 'through' ? acts.end(floor.session, at) : [],
        ]
        expect(ways.flat().length, `seed ${seed}, tap ${tap}, ${after.phase}`).toBeGreaterThan(0)
      }
      // Going on from wherever the hands left it comes to the end.
      for (let i = 0; floor.run.phase !== 'through'; i++) {
        expect(i, `seed ${seed} never ends`).toBeLessThan(200)
        at += 1000
        if (floor.run.menu !== null)
          floor.happen(
            acts.pick(
              floor.session,
              floor.run.menu.items.slice(0, 1).map((item) => item.id),
              at,
            ),
          )
        else floor.done(at)
      }
      expect(floor.run.sets.filter((set) => set.state === 'open')).toEqual([])
      floor.happen(acts.end(floor.session, at))
      expect(floor.session.state).toBe('done')
    }
    // Long on a slow machine; nothing here is a measure of speed.
  }, 120_000)

  it('come to the same whether the events arrive one by one or all at once', () => {
    for (let seed = 1; seed <= 50; seed++) {
      const chance = seeded(seed)
      const plan = (plans[seed % plans.length] ?? straight)()
      const floor = hand(plan)
      let at = s(0)
      for (let tap = 0; tap < 30; tap++) {
        at += Math.floor(1 + 20000 * chance())
        const which = Math.floor(chance() * 4)
        if (floor.run.menu !== null)
          floor.happen(
            acts.pick(
              floor.session,
              floor.run.menu.items.slice(0, 2).map((item) => item.id),
              at,
            ),
          )
        else if (which === 0) floor.happen(acts.undo(floor.session, floor.made, at))
        else if (which === 1 && floor.run.current !== null)
          floor.happen(acts.leaveOut(floor.session, [floor.run.current], 'left-out', at))
        else floor.done(at)
      }
      const states = (session: Session) => runOf(session).sets.map((set) => `${set.key} ${set.state}`)
      expect(states(withEvents(plan, floor.made)), `seed ${seed}`).toEqual(states(floor.session))
    }
  })
})

describe('drift', () => {
  it('is none over an hour, whatever the ticks do', () => {
    const chance = seeded(7)
    const items = Array.from({ length: 8 }, (_, index) => ({ id: index + 1, counting: 'down', seconds: 40 }))
    const floor = hand(sessionOf([{ kind: 'intervals', byClock: true, goesRound: true, rounds: 8, rest: 17, items }]))
    floor.begin(s(0))
    for (let at = 0; at < 3700;) {
      // From ten a second to a tab that is asked once a minute.
      at += chance() < 0.5 ? 0.1 + chance() : 60 * chance()
      floor.clock(s(at))
    }
    const done = floor.made.filter((event) => event.kind === 'set-done')
    expect(done).toHaveLength(64)
    for (const [index, event] of done.entries()) {
      expect(Math.abs(Date.parse(event.at) - s(index * 57 + 40))).toBeLessThan(100)
    }
  })
})
