import { useEffect, useState } from 'react'

/** A value as it was until the screen has been painted with everything else that changed at the same time. */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value)
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => setShown(value))
    })
    return () => {
      cancelAnimationFrame(frame)
      clearTimeout(timer)
    }
  }, [value])
  return shown
}
