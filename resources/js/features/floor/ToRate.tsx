import { Minus, Plus } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import type { Alternatives } from '../../shared/api'
import { Term } from '../../shared/ui'
import { useKeys } from '../../shared/lib/useKeys'
import { hasMass, isAsNow } from './run/acts'
import { othersOf } from './run/others'
import type { Run } from './run/run'
import type { PlacedSet } from './run/sets'
import { SwapSheet } from './SwapSheet'
import type { Floor } from './useFloor'

/** From so many on a set was easy, and in a ramp what is heavier follows. */
const easyReserve = 5

const reserves = [0, 1, 2, 3, 4, easyReserve]

function Reserve({ reserve, onSay }: { reserve: number; onSay: (reserve: number) => void }) {
  const words = reserve === easyReserve ? `${reserve} or more` : String(reserve)
  return (
    <button
      type="button"
      aria-label={`${words} in reserve`}
      onClick={() => onSay(reserve)}
      className="btn btn-outline px-0 text-xl"
    >
      {reserve === easyReserve ? `${reserve}+` : reserve}
    </button>
  )
}

/** After a step of a ramp: more of it, or it was enough and this test is over. */
function MoreOrEnough({ run, set, onSay }: { run: Run; set: PlacedSet; onSay: (reserve: number) => void }) {
  const next = run.current?.block.id === set.block.id ? run.current : null
  return (
    <fieldset className="mt-1" data-keys="through">
      <legend className="mb-1 leading-tight font-semibold">
        More, or enough? <Term word="reserve">Left in reserve</Term>:
      </legend>
      <button
        type="button"
        className="btn btn-neutral h-auto w-full py-2 text-left text-lg leading-tight"
        aria-label="More: 5 or more in reserve"
        onClick={() => onSay(easyReserve)}
      >
        <span className="w-full">
          More: 5 or more were left
          {next !== null && (
            <span className="sentence block text-sm font-normal">
              Next: {next.item.exercise === set.item.exercise ? '' : `${next.item.name}, `}
              {next.item.words}
            </span>
          )}
        </span>
      </button>
      <div className="mt-1.5 grid grid-cols-[auto_repeat(5,1fr)] items-center gap-1.5">
        <span className="pr-1 font-semibold">Enough:</span>
        {[4, 3, 2, 1, 0].map((reserve) => (
          <Reserve key={reserve} reserve={reserve} onSay={onSay} />
        ))}
      </div>
    </fieldset>
  )
}

interface RateProps {
  one: Run['toRate'][number]
  floor: Floor
  alternatives: Alternatives | null
  /** True of the one that the keys speak of. */
  isFirst: boolean
}

/** How a set went: its count put right, and how many more would have been clean. */
function Rate({ one: { log, set }, floor, alternatives, isFirst }: RateProps) {
  const [count, setCount] = useState(log.reps)
  const [other, setOther] = useState(false)
  const isSame = isAsNow(set.item, log)
  const { hands } = floor
  const keep = useRef<() => void>(() => undefined)
  const isSaid = useRef(false)
  useEffect(() => {
    keep.current = () => {
      if (!isSaid.current && count !== log.reps) hands.correct(set, log, { reps: count })
    }
  })
  useEffect(() => {
    if (count === log.reps) return
    const timer = setTimeout(() => keep.current(), 900)
    return () => clearTimeout(timer)
  }, [count, log.reps])
  // The next set may begin before the count is kept.
  useEffect(() => () => keep.current(), [])
  const say = (reserve: number) => {
    // A count that was put right just before is kept with it: neither undoes the other.
    isSaid.current = true
    if (count === log.reps) hands.rate(log, reserve)
    else hands.correct(set, log, { reps: count, reserve })
    if (set.block.kind === 'ramp' && reserve < easyReserve) hands.leaveBlockOut(set.block, 'enough')
  }
  useKeys(isFirst ? Object.fromEntries(reserves.map((reserve) => [String(reserve), () => say(reserve)])) : {})
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
        onMass={
          hasMass(set.item)
            ? (massKg) => {
                hands.correct(set, log, { reps: count, massKg })
                setOther(false)
              }
            : undefined
        }
        onShut={() => setOther(false)}
      />
    )
  }
  return (
    <section className="floor-rate" aria-label={`How ${set.item.name.toLowerCase()} went`}>
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
        <p className="min-w-full grow leading-tight sm:min-w-32">
          <span className="font-semibold">{set.item.name}</span>
          {set.side && <span className="soft">, {set.side}</span>}
          <span className="floor-rate-words soft block text-sm">{log.words}</span>
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
      {set.block.kind === 'ramp' ? (
        <MoreOrEnough run={floor.run} set={set} onSay={say} />
      ) : (
        <fieldset className="mt-1" data-keys="through">
          <legend className="mb-1 leading-tight font-semibold">
            How many more would have been <Term word="reserve">clean</Term>?
          </legend>
          <div className="grid grid-cols-6 gap-1.5">
            {reserves.map((reserve) => (
              <Reserve key={reserve} reserve={reserve} onSay={say} />
            ))}
          </div>
        </fieldset>
      )}
      <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => setOther(true)}>
        Something else was in the hand
      </button>
    </section>
  )
}

/** What was done since the last rest, each to be said how hard it was. */
export function ToRate({ floor, alternatives }: { floor: Floor; alternatives: Alternatives | null }) {
  return floor.run.toRate.map((one, place) => (
    <Rate key={one.set.key} one={one} floor={floor} alternatives={alternatives} isFirst={place === 0} />
  ))
}
