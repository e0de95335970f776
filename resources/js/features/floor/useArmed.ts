import { useEffect, useState } from 'react'

/** Two taps closer together than this were meant as one, milliseconds. */
const oneTouchMs = 450

/** False right after something else has come to stand here, so that a second tap on what was there does nothing here. */
export function useArmed(place: string): boolean {
  const [armed, setArmed] = useState<string | null>(null)
  useEffect(() => {
    const timer = setTimeout(() => setArmed(place), oneTouchMs)
    return () => clearTimeout(timer)
  }, [place])
  return armed === place
}
