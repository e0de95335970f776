import { useSyncExternalStore } from 'react'

/*
 * Figures that move over and over can be stopped (WCAG 2.2.2), all of them at once, and stay so on this device.
 */

const name = 'nimble-shelf-still'
const listeners = new Set<() => void>()
let isStill: boolean | null = null

function read(): boolean {
  if (isStill !== null) return isStill
  try {
    isStill = localStorage.getItem(name) === 'yes'
  } catch {
    isStill = false
  }
  return isStill
}

export function setStill(to: boolean): void {
  isStill = to
  try {
    if (to) localStorage.setItem(name, 'yes')
    else localStorage.removeItem(name)
  } catch {
    // Without a store it holds until the page is left.
  }
  for (const listener of listeners) listener()
}

/** True where somebody stopped the figures. */
export const useStill = (): boolean =>
  useSyncExternalStore((listener) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }, read)
