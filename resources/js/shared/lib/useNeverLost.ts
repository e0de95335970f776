import { useEffect, type RefObject } from 'react'

/**
 * What has the focus may be taken off the page, as a form is once it is sent. The focus then goes to the page and not to
 * nowhere, so that the next key goes on from here.
 */
export function useNeverLost(page: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    let last: Element | null = null
    const seen = (event: FocusEvent) => {
      last = event.target instanceof Element ? event.target : null
    }
    const watch = new MutationObserver(() => {
      if (last === null || last.isConnected || document.activeElement !== document.body) return
      last = null
      page.current?.focus({ preventScroll: true })
    })
    document.addEventListener('focusin', seen)
    watch.observe(document.body, { childList: true, subtree: true })
    return () => {
      document.removeEventListener('focusin', seen)
      watch.disconnect()
    }
  }, [page])
}
