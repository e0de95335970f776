import { useEffect, type RefObject } from 'react'

/** The browser takes the focus from a disabled control a moment after it was disabled, milliseconds. */
const takenAfterMs = 60

const hasFocus = () => document.activeElement !== null && document.activeElement !== document.body

/**
 * What has the focus may be taken off the page, as a form is once it is sent, or be disabled while something is sent. The
 * focus then goes to the page and not to nowhere, so that the next key goes on from here; and back to what was disabled
 * once that can be used again.
 */
export function useNeverLost(page: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    let last: Element | null = null
    let timer: ReturnType<typeof setTimeout> | undefined
    const seen = (event: FocusEvent) => {
      if (event.target instanceof Element && event.target !== page.current) last = event.target
    }
    const look = () => {
      if (last === null) return
      const isParked = document.activeElement === page.current
      if (hasFocus() && !isParked) return
      if (!last.isConnected) {
        last = null
        if (!isParked) page.current?.focus({ preventScroll: true })
      } else if (last.matches(':disabled')) {
        if (!isParked) page.current?.focus({ preventScroll: true })
      } else if (last instanceof HTMLElement) {
        last.focus({ preventScroll: true })
      }
    }
    const watch = new MutationObserver((changes) => {
      if (last === null) return
      const isGone = !last.isConnected
      const isOfIt = changes.some(
        ({ type, target }) => type === 'attributes' && target instanceof Node && target.contains(last),
      )
      if (isGone) look()
      if (isGone || isOfIt) {
        clearTimeout(timer)
        timer = setTimeout(look, takenAfterMs)
      }
    })
    document.addEventListener('focusin', seen)
    watch.observe(document.body, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] })
    return () => {
      clearTimeout(timer)
      document.removeEventListener('focusin', seen)
      watch.disconnect()
    }
  }, [page])
}
