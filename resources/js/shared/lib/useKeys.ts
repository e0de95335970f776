import { useEffect, useRef } from 'react'

/** True while the person is typing into something, when single keys must not act. */
function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}

/** Binds single keys (`event.key`) while the component is shown; never while typing or with a modifier. */
export function useKeys(keys: Record<string, () => void>): void {
  const latest = useRef(keys)
  useEffect(() => {
    latest.current = keys
  })
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return
      const act = latest.current[event.key]
      if (act) {
        event.preventDefault()
        act()
      }
    }
    window.addEventListener('keydown', pressed)
    return () => window.removeEventListener('keydown', pressed)
  }, [])
}
