import { useEffect, useRef } from 'react'

/** What a key is pressed in, as far as it matters here. */
export interface Pressed {
  key: string
  /** `INPUT`, `BUTTON`, …; empty where nothing has the focus. */
  tag: string
  /** Of an input. */
  type: string
  isEditable: boolean
  /** True inside an element marked `data-keys="through"`, whose own Enter and Space do less than the page's. */
  isThrough: boolean
}

const movesIt = [' ', 'ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End', 'PageUp', 'PageDown']

/** True where the focused element needs the key itself: text is typed, a slider moved, a button or a link pressed. */
export function isTaken({ key, tag, type, isEditable, isThrough }: Pressed): boolean {
  if (isEditable || tag === 'TEXTAREA' || tag === 'SELECT') return true
  if (tag === 'INPUT') return ['radio', 'checkbox', 'range'].includes(type) ? movesIt.includes(key) : true
  return ['A', 'BUTTON', 'SUMMARY'].includes(tag) && (key === 'Enter' || key === ' ') && !isThrough
}

function pressedIn(event: KeyboardEvent): Pressed {
  const target = event.target instanceof HTMLElement ? event.target : null
  const control = target?.closest<HTMLElement>('a, button, summary') ?? target
  return {
    key: event.key,
    tag: control?.tagName ?? '',
    type: target instanceof HTMLInputElement ? target.type : '',
    isEditable: target?.isContentEditable ?? false,
    isThrough: target?.closest('[data-keys="through"]') != null,
  }
}

/**
 * Binds single keys (`event.key`) while the component is shown; never with a modifier, nor where the focused element
 * needs the key itself.
 */
export function useKeys(keys: Record<string, () => void>): void {
  const latest = useRef(keys)
  useEffect(() => {
    latest.current = keys
  })
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTaken(pressedIn(event))) return
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
