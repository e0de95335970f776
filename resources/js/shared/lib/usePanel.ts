import { useEffect, useRef, type RefObject } from 'react'

/**
 * A panel that opens beside what is there: the focus goes into it, and back to what opened it when it is shut.
 *
 * @returns For the element of the panel, which needs `tabIndex={-1}`.
 */
export function usePanel<T extends HTMLElement>(): RefObject<T | null> {
  const panel = useRef<T>(null)
  useEffect(() => {
    const opener = document.activeElement
    const shown = panel.current
    shown?.focus({ preventScroll: true })
    // Its beginning is what is read first, also where it is taller than the screen or opened far down.
    if (shown !== null && shown.getBoundingClientRect().top < 0) shown.scrollIntoView({ block: 'start' })
    return () => {
      const now = document.activeElement
      // Whoever has gone on to something else stays there.
      const isHere = now === null || now === document.body || shown?.contains(now) === true
      if (isHere && opener instanceof HTMLElement && opener.isConnected) opener.focus({ preventScroll: true })
    }
  }, [])
  return panel
}
