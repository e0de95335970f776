import { useSyncExternalStore } from 'react'
import { usualBell, type BellWishes } from './bell'

/** How this device is used on the Floor; kept on it. */
export interface Wishes extends BellWishes {
  /** The hand whose thumb reaches the buttons. */
  hand: 'right' | 'left'
  /** Who counts repetitions: somebody at the end, somebody who taps, or the clock at the tempo that is asked for. */
  counts: 'at-end' | 'tap' | 'clock'
}

const keptAs = 'nimble-shelf-floor'
const usual: Wishes = { ...usualBell, hand: 'right', counts: 'at-end' }

function read(): Wishes {
  try {
    return { ...usual, ...(JSON.parse(localStorage.getItem(keptAs) ?? '{}') as Partial<Wishes>) }
  } catch {
    return usual
  }
}

let wishes: Wishes | null = null
const listeners = new Set<() => void>()

export function wish(change: Partial<Wishes>): void {
  wishes = { ...(wishes ?? read()), ...change }
  try {
    localStorage.setItem(keptAs, JSON.stringify(wishes))
  } catch {
    // Without storage it holds for as long as the page.
  }
  for (const listener of listeners) listener()
}

export function useWishes(): Wishes {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => (wishes ??= read()),
  )
}
