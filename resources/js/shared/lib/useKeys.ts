import { useEffect, useRef } from 'react'
import { areLettersKeys } from './letterKeys'

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
  /** True while something lies over the page that has to be answered or shut first. */
  isBehind: boolean
}

const choosesIt = [' ', 'Enter', 'ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End', 'PageUp', 'PageDown']

const dialogs = 'dialog[open], [role="dialog"], [role="alertdialog"]'

/**
 * True where the key is not the page's: the focused element needs it itself, as where text is typed, a slider moved, a
 * button or a link pressed; or a dialog lies over the page, which takes all but Escape.
 */
export function isTaken({ key, tag, type, isEditable, isThrough, isBehind }: Pressed): boolean {
  if (isBehind && key !== 'Escape') return true
  if (isEditable || tag === 'TEXTAREA' || tag === 'SELECT') return true
  // Enter on a choice is not yet a yes to all of the page, unless what is chosen among is what the page says yes to.
  if (tag === 'INPUT' && type === 'checkbox' && key === 'Enter' && isThrough) return false
  if (tag === 'INPUT') return ['radio', 'checkbox', 'range'].includes(type) ? choosesIt.includes(key) : true
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
    isBehind: document.querySelector(dialogs) !== null,
  }
}

/** Keys that write something when they are not keys: letters, digits and signs, but not the space bar. */
export const isLetter = (key: string) => key.length === 1 && key !== ' '

/**
 * Binds single keys (`event.key`) while the component is shown; never with a modifier, nor where the focused element
 * needs the key itself, nor through a dialog. Letters, digits and signs can be switched off in the Settings.
 */
export function useKeys(keys: Record<string, () => void>): void {
  const latest = useRef(keys)
  useEffect(() => {
    latest.current = keys
  })
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return
      if (isTaken(pressedIn(event)) || (isLetter(event.key) && !areLettersKeys())) return
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
