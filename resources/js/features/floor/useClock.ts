import { useEffect, useState } from 'react'

/** The time now in milliseconds, a few times a second while it matters. */
export function useClock(running: boolean): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (!running) return
    const timer = setInterval(() => setNow(Date.now()), 200)
    return () => clearInterval(timer)
  }, [running])
  return now
}
