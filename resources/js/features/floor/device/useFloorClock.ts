import { useEffect, useState } from 'react'
import { clockFrom, deviceTimes, type FloorClock } from './clock'

/** The time of the session, and how often it is shown anew. */
export function useFloorClock(notBefore: number, everyMs: number): { clock: FloorClock; now: number } {
  const [clock] = useState(() => clockFrom(deviceTimes, notBefore))
  const [now, setNow] = useState(() => clock.now())
  useEffect(() => {
    const look = () => setNow(clock.now())
    look()
    const timer = setInterval(look, everyMs)
    // A page that was asleep looks at the clock before anything else.
    document.addEventListener('visibilitychange', look)
    window.addEventListener('focus', look)
    return () => {
      clearInterval(timer)
      document.removeEventListener('visibilitychange', look)
      window.removeEventListener('focus', look)
    }
  }, [clock, everyMs])
  return { clock, now }
}
