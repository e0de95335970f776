import { useEffect } from 'react'

/** Calls the window what the page shows, for as long as it is shown: "Week 3 · Nimble Shelf". */
export function useTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Nimble Shelf`
    return () => {
      document.title = 'Nimble Shelf'
    }
  }, [title])
}
