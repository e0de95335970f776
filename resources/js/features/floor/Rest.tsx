import { useEffect, useRef } from 'react'
import { minutesAndSeconds } from '../../shared/lib/time'
import { useKeys } from '../../shared/lib/useKeys'
import { ringBell } from './bell'
import { useClock } from './useClock'

interface RestProps {
  /** Milliseconds since 1970. */
  endsAt: number
  totalSeconds: number
  /** What to put down, take up or change meanwhile. */
  change: string[]
  onLonger: () => void
  onEnd: () => void
}

/** The rest as it runs down, in the place where the set is logged. */
export function Rest({ endsAt, totalSeconds, change, onLonger, onEnd }: RestProps) {
  const now = useClock(true)
  const left = (endsAt - now) / 1000
  const over = left <= 0
  const rung = useRef(false)
  useEffect(() => {
    if (over && !rung.current) ringBell()
    rung.current = over
  }, [over])
  useKeys({ ' ': onEnd, Enter: onEnd })
  return (
    <section aria-label="Rest" className="floor-log text-center">
      <p className="font-semibold">{over ? 'Rest is over' : 'Rest'}</p>
      <p role="timer" className="figure-number rest-clock">
        {minutesAndSeconds(left)}
      </p>
      <div className="mx-auto mt-2 h-2 max-w-md rounded-full bg-base-300" aria-hidden="true">
        <div
          className="h-full rounded-full bg-primary"
          style={{ width: `${Math.min(100, Math.max(0, (100 * left) / totalSeconds))}%` }}
        />
      </div>
      {change.map((words) => (
        <p key={words} className="mt-3 text-lg font-semibold">
          {words}
        </p>
      ))}
      <div className="mt-4 grid grid-cols-2 gap-3">
        <button type="button" className="btn btn-outline btn-lg h-16" onClick={onLonger}>
          15 s longer
        </button>
        <button type="button" className="btn btn-primary btn-lg h-16 text-xl" onClick={onEnd}>
          Begin
        </button>
      </div>
    </section>
  )
}
