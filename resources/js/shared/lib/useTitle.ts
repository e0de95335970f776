import { useEffect } from 'react'

/** Calls the window what the page shows, for as long as it is shown: "Week 3 · Nimble Shelf"; null leaves it. */
export function useTitle(title: string | null): void {
  useEffect(() => {
    if (title === null) return
    document.title = `${title} · Nimble Shelf`
    return () => {
      document.title = 'Nimble Shelf'
    }
  }, [title])
}
