import { Minus, Plus } from 'lucide-react'
import { useState } from 'react'
import { Term } from '../../shared/ui'
import { useKeys } from '../../shared/lib/useKeys'
import type { PlacedStep } from './steps'
import type { DoneSet } from './events'

interface LogPanelProps {
  step: PlacedStep
  onLog: (done: DoneSet) => void
}

const reserves = [0, 1, 2, 3, 4, 5]

/** Repetitions, reserve, side and pain of the set just done; big enough for one thumb. */
export function LogPanel({ step, onLog }: LogPanelProps) {
  const { item } = step
  const [reps, setReps] = useState(item.reps)
  const [reserve, setReserve] = useState<number | null>(item.isHold ? 0 : null)
  const [pain, setPain] = useState(false)
  const [painNote, setPainNote] = useState('')
  const [asked, setAsked] = useState(false)
  const by = item.isHold ? 5 : 1
  const change = (way: number) => setReps((now) => Math.min(300, Math.max(0, now + way * by)))
  const log = () => {
    if (reserve === null) {
      setAsked(true)
      return
    }
    onLog({ setNumber: step.setNumber, side: step.side, reps, reserve, pain, painNote })
  }
  useKeys({
    '+': () => change(1),
    '=': () => change(1),
    '-': () => change(-1),
    Enter: log,
    ...Object.fromEntries(reserves.map((count) => [String(count), () => setReserve(count)])),
  })
  return (
    <form
      noValidate
      aria-label="Log this set"
      className="floor-log"
      onSubmit={(event) => {
        event.preventDefault()
        log()
      }}
    >
      <div className="flex items-center justify-between gap-3">
        <button
          type="button"
          className="btn btn-outline btn-circle btn-lg"
          onClick={() => change(-1)}
          aria-label="Fewer"
        >
          <Minus className="size-7" />
        </button>
        <label className="text-center">
          <input
            className="reps-input figure-number"
            inputMode="numeric"
            aria-label={item.isHold ? 'Seconds held' : 'Repetitions done'}
            value={reps}
            onChange={(event) => setReps(Math.min(300, Number(event.target.value.replace(/\D/g, ''))))}
          />
          <span className="block font-semibold">{item.isHold ? 'seconds held' : 'repetitions done'}</span>
        </label>
        <button type="button" className="btn btn-outline btn-circle btn-lg" onClick={() => change(1)} aria-label="More">
          <Plus className="size-7" />
        </button>
      </div>
      {!item.isHold && (
        <fieldset className="mt-3" data-keys="through">
          <legend className="mb-1 font-semibold">
            How many more would have been <Term word="reserve">clean</Term>?
          </legend>
          <div className="grid grid-cols-6 gap-1.5">
            {reserves.map((count) => (
              <button
                key={count}
                type="button"
                aria-pressed={reserve === count}
                aria-label={`${count === 5 ? '5 or more' : count} in reserve`}
                onClick={() => setReserve(count)}
                className={`btn btn-lg px-0 text-xl ${reserve === count ? 'btn-neutral' : 'btn-outline'}`}
              >
                {count === 5 ? '5+' : count}
              </button>
            ))}
          </div>
          {asked && reserve === null && (
            <p role="alert" className="mt-1 font-semibold text-error">
              How many more would have been clean? The next target needs it; 0 is an answer.
            </p>
          )}
        </fieldset>
      )}
      <div className="mt-3 flex items-center gap-3">
        <label className="flex items-center gap-2 font-semibold">
          <input
            type="checkbox"
            className="checkbox checkbox-error"
            checked={pain}
            onChange={(event) => setPain(event.target.checked)}
          />
          Pain
        </label>
        {pain && (
          <input
            className="input input-sm grow"
            aria-label="Where and what kind of pain"
            placeholder="Where, what kind?"
            maxLength={200}
            value={painNote}
            onChange={(event) => setPainNote(event.target.value)}
          />
        )}
      </div>
      <button className="btn btn-primary btn-lg mt-3 h-16 w-full text-xl">Log this set</button>
    </form>
  )
}
