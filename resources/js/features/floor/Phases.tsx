import { ArrowDownUp, Droplet, Minus, Plus } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import type { Alternatives, Block } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { minutesAndSeconds } from '../../shared/lib/time'
import { Term } from '../../shared/ui'
import { useWishes } from './device/wishes'
import { isAsNow } from './run/acts'
import { othersOf } from './run/others'
import { endsByClock, partAt, restLeftMs, workedMs, type Run } from './run/run'
import type { PlacedSet } from './run/sets'
import { clockWords, sideWords } from './said'
import { SwapSheet } from './SwapSheet'
import type { Floor } from './useFloor'

/** What is put down, taken up or changed before a set, in words. */
function Changes({ set }: { set: PlacedSet }) {
  return (
    <ul className="floor-changes">
      {set.change.map((step) => (
        <li key={step.words} className="flex gap-2">
          <ArrowDownUp className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
          <span className="sentence">{step.words}</span>
        </li>
      ))}
    </ul>
  )
}

const reserves = [0, 1, 2, 3, 4, 5]

interface RateProps {
  one: Run['toRate'][number]
  floor: Floor
  alternatives: Alternatives | null
}

/** How a set went: its count put right, and how many more would have been clean. */
function Rate({ one: { log, set }, floor, alternatives }: RateProps) {
  const [count, setCount] = useState(log.reps)
  const [other, setOther] = useState(false)
  const isSame = isAsNow(set.item, log)
  const { hands } = floor
  const keep = useRef<() => void>(() => undefined)
  useEffect(() => {
    keep.current = () => {
      if (count !== log.reps) hands.correct(set, log, { reps: count })
    }
  })
  useEffect(() => {
    if (count === log.reps) return
    const timer = setTimeout(() => keep.current(), 900)
    return () => clearTimeout(timer)
  }, [count, log.reps])
  // The next set may begin before the count is kept.
  useEffect(() => () => keep.current(), [])
  const change = (by: number) => setCount(Math.min(300, Math.max(0, (count ?? set.item.reps) + by)))
  if (other) {
    return (
      <SwapSheet
        title="What was really in the hand?"
        item={set.item}
        others={othersOf(alternatives, set.item)}
        onTake={(alternative) => {
          hands.correct(set, log, { reps: count, alternative })
          setOther(false)
        }}
        onShut={() => setOther(false)}
      />
    )
  }
  return (
    <section className="floor-rate" aria-label={`How ${set.item.name.toLowerCase()} went`}>
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
        <p className="min-w-32 grow leading-tight">
          <span className="font-semibold">{set.item.name}</span>
          {set.side && <span className="soft">, {set.side}</span>}
          <span className="soft block text-sm">{log.words}</span>
        </p>
        {isSame && (
          <>
            <button
              type="button"
              className="btn btn-outline btn-circle"
              aria-label="One fewer"
              onClick={() => change(-1)}
            >
              <Minus className="size-5" />
            </button>
            <label className="text-center">
              <input
                className="floor-count-input figure-number"
                inputMode="numeric"
                aria-label="Repetitions done"
                placeholder="?"
                value={count ?? ''}
                onChange={(event) => {
                  const digits = event.target.value.replace(/\D/g, '')
                  setCount(digits === '' ? null : Math.min(300, Number(digits)))
                }}
              />
            </label>
            <button
              type="button"
              className="btn btn-outline btn-circle"
              aria-label="One more"
              onClick={() => change(1)}
            >
              <Plus className="size-5" />
            </button>
          </>
        )}
      </div>
      <fieldset className="mt-1" data-keys="through">
        <legend className="mb-1 font-semibold">
          How many more would have been <Term word="reserve">clean</Term>?
        </legend>
        <div className="grid grid-cols-6 gap-1.5">
          {reserves.map((reserve) => (
            <button
              key={reserve}
              type="button"
              aria-label={`${reserve === 5 ? '5 or more' : reserve} in reserve`}
              onClick={() => hands.rate(log, reserve)}
              className="btn btn-outline px-0 text-xl"
            >
              {reserve === 5 ? '5+' : reserve}
            </button>
          ))}
        </div>
      </fieldset>
      <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => setOther(true)}>
        Something else was in the hand
      </button>
    </section>
  )
}

function ToRate({ floor, alternatives }: { floor: Floor; alternatives: Alternatives | null }) {
  return floor.run.toRate.map((one) => <Rate key={one.set.key} one={one} floor={floor} alternatives={alternatives} />)
}

/** Before a set where no rest runs: what to make ready. */
export function UpNext({
  floor,
  set,
  alternatives,
}: {
  floor: Floor
  set: PlacedSet
  alternatives: Alternatives | null
}) {
  return (
    <section aria-label="Get ready" className="floor-panel">
      <h2 className="text-2xl">Get ready</h2>
      {set.announce !== null && <p className="floor-rule mt-1">{set.announce}</p>}
      <Changes set={set} />
      <ToRate floor={floor} alternatives={alternatives} />
    </section>
  )
}

/** The rest as it runs down: what comes next stands beside it. */
export function Rest({
  floor,
  set,
  alternatives,
}: {
  floor: Floor
  set: PlacedSet
  alternatives: Alternatives | null
}) {
  const { run, now, hands } = floor
  const left = restLeftMs(run, now) / 1000
  const isOver = left <= 0
  const total = Math.max(1, run.restSeconds)
  return (
    <section aria-label="Rest" className="floor-panel text-center">
      <div className="floor-rest">
        <div>
          <p className="font-semibold">
            {run.pausedAt !== null ? 'Held' : isOver ? 'Rest is over' : 'Rest'}
            <span className="soft font-normal">
              {' '}
              <Droplet className="inline size-4" aria-hidden="true" /> water
            </span>
          </p>
          <p role="timer" className="figure-number floor-count">
            {isOver ? `+${minutesAndSeconds(-left)}` : minutesAndSeconds(left)}
          </p>
        </div>
        <button type="button" className="btn btn-outline btn-lg" onClick={() => hands.longer(15)}>
          15 s longer
        </button>
      </div>
      <div className="mx-auto mt-1 h-2 rounded-full bg-base-300" aria-hidden="true">
        <div
          className="h-full rounded-full bg-primary"
          style={{ width: `${Math.min(100, Math.max(0, (100 * left) / total))}%` }}
        />
      </div>
      <div className="text-left">
        <ToRate floor={floor} alternatives={alternatives} />
        {set.announce !== null && <p className="floor-rule mt-2">{set.announce}</p>}
        <Changes set={set} />
      </div>
    </section>
  )
}

/** What comes after this in the same go: the next layer, the other side. */
function comesNext(run: Run, set: PlacedSet): string | null {
  const next = run.sets[run.sets.indexOf(set) + 1]
  if (next === undefined || next.state !== 'open' || next.follows !== set.key) return null
  if (next.block.id !== set.block.id) return null
  if (set.block.kind === 'layered' && set.setNumber === next.setNumber) return `Then add: ${next.item.name}`
  if (next.itemId === set.itemId && next.side !== null && next.side !== set.side) return `Then the ${next.side} side`
  return null
}

/** The work: counted down, counted up, or counted by somebody. */
export function Work({
  floor,
  set,
  count,
  onTap,
}: {
  floor: Floor
  set: PlacedSet
  count: number
  onTap: (by: number) => void
}) {
  const { run, now } = floor
  const { counts } = useWishes()
  const worked = workedMs(run, now)
  const here = partAt(set, worked)
  if (here === null) return null
  const { part, index } = here
  const next = set.parts[index + 1]
  const after = comesNext(run, set)
  const isCounted = part.counting === 'repetitions'
  const left = 1000 * set.seconds - worked
  const best = set.item.bestSeconds
  return (
    <section aria-label="Work" className="floor-panel floor-work text-center">
      {run.pausedAt !== null && <p className="tag look-here">Held: Go on at the top</p>}
      {set.side !== null && <p className="floor-big sm:hidden">{sideWords[set.side]}</p>}
      {set.parts.length > 1 && (
        <p className="floor-big">{index === 0 ? part.words.replace(/^.*: \d+ s /, '') : part.announce}</p>
      )}
      {set.announce !== null && <p className="floor-rule">{set.announce}</p>}
      {isCounted ? (
        counts === 'at-end' ? (
          <>
            <p className="figure-number floor-count">
              {part.dose}
              <span className="floor-unit"> {part.dose === 1 ? 'repetition' : 'repetitions'}</span>
            </p>
            <p role="timer" className="floor-big soft">
              {minutesAndSeconds(Math.floor(worked / 1000))}
            </p>
          </>
        ) : (
          <>
            <button
              type="button"
              className="floor-tap"
              disabled={counts === 'clock'}
              onClick={() => onTap(1)}
              aria-label={
                counts === 'tap' ? `${counted(count, 'repetition')} counted; count one` : counted(count, 'repetition')
              }
            >
              <span className="figure-number floor-count">{count}</span>
              <span className="block text-xl">
                of {part.dose}
                {counts === 'tap' ? ' · tap for each' : ` · one every ${set.item.secondsEach} s`}
              </span>
            </button>
            {counts === 'tap' && (
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => onTap(-1)} disabled={count === 0}>
                One less
              </button>
            )}
          </>
        )
      ) : part.counting === 'up' ? (
        <>
          <p role="timer" className="figure-number floor-count">
            {clockWords(worked)}
          </p>
          <p className="text-lg">
            at most {counted(set.seconds, 'second')}
            {best !== null && (worked / 1000 > best ? ' · longer than ever' : ` · longest so far ${best} s`)}
          </p>
        </>
      ) : (
        <>
          <p role="timer" className="figure-number floor-count">
            {clockWords(left)}
          </p>
          {counts === 'tap' && !set.item.isHold && (
            <button type="button" className="floor-tap floor-tap-small" onClick={() => onTap(1)}>
              <span className="figure-number text-4xl">{count}</span> repetitions · tap for each
            </button>
          )}
        </>
      )}
      {!isCounted && (
        <div className="mt-2 h-3 rounded-full bg-base-300" aria-hidden="true">
          <div
            className="h-full rounded-full bg-primary"
            style={{ width: `${Math.min(100, Math.max(0, (100 * worked) / (1000 * set.seconds)))}%` }}
          />
        </div>
      )}
      {next !== undefined && (
        <p className="floor-rule mt-2">
          Then {next.announce?.replace(/^Now /, '')}, in {minutesAndSeconds((1000 * part.seconds - here.intoMs) / 1000)}
        </p>
      )}
      {after !== null && <p className="floor-rule mt-2">{after}</p>}
      {endsByClock(set) && <p className="soft mt-2">The bell ends it.</p>}
    </section>
  )
}

/** What the client chooses from a menu, by its rules. */
export function ChooseFirst({ menu, onPick }: { menu: Block; onPick: (itemIds: number[]) => void }) {
  const [chosen, setChosen] = useState<number[]>([])
  const most = menu.pick ?? 1
  return (
    <section aria-label="Choose" className="floor-panel floor-choose">
      <h1 className="floor-big">
        Choose {most} of {menu.items.length}
      </h1>
      {menu.needs.map((need) => (
        <p key={need} className="tag look-here">
          {need}
        </p>
      ))}
      <div className="mt-3 grid gap-2">
        {menu.items.map((item) => {
          const isOn = chosen.includes(item.id)
          return (
            <label key={item.id} className={`floor-choice ${isOn ? 'floor-choice-on' : ''}`}>
              <input
                type="checkbox"
                className="checkbox"
                checked={isOn}
                disabled={!isOn && chosen.length >= most}
                onChange={() => setChosen(isOn ? chosen.filter((id) => id !== item.id) : [...chosen, item.id])}
              />
              <span>
                <span className="font-display block text-xl font-semibold">{item.name}</span>
                <span className="soft block">
                  {item.words} · {item.dose}
                </span>
              </span>
            </label>
          )
        })}
      </div>
      <button
        type="button"
        className="btn btn-primary btn-lg floor-main mt-3 h-17 w-full text-xl"
        disabled={chosen.length !== most}
        onClick={() => onPick(chosen)}
      >
        {chosen.length === most ? 'Do these' : `${counted(most - chosen.length, 'more', 'more')} to choose`}
      </button>
    </section>
  )
}

/** Nothing is left, unless it was left out: then it is said, and can still be done. */
export function Through({ floor }: { floor: Floor }) {
  const { run, hands } = floor
  const skipped = run.sets.filter((set) => set.state === 'skipped')
  return (
    <section className="floor-panel">
      <h1 className="text-4xl">That was the last set</h1>
      <p className="mt-2 text-lg">Cool down and stretch before the shoes come off.</p>
      <ToRate floor={floor} alternatives={null} />
      {skipped.length > 0 && (
        <>
          <h2 className="mt-4 text-xl">Left out</h2>
          <ul>
            {skipped.map((set) => (
              <li key={set.key} className="flex items-center gap-3 border-b border-base-300 py-1.5">
                <span className="grow">
                  {set.item.name}, set {set.setNumber}
                  {set.side && `, ${set.side}`}
                </span>
                <button type="button" className="btn btn-sm btn-outline" onClick={() => hands.putBack(set)}>
                  Do it now
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
