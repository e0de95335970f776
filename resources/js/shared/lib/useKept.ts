import { useState } from 'react'

/** State that survives a reload and a lost connection, until it is put back to what it was. */
export function useKept<T>(key: string, initial: T): [T, (value: T) => void] {
  const [value, setValue] = useState<T>(() => {
    try {
      const kept = sessionStorage.getItem(key)
      return kept === null ? initial : (JSON.parse(kept) as T)
    } catch {
      return initial
    }
  })
  return [
    value,
    (next) => {
      setValue(next)
      try {
        sessionStorage.setItem(key, JSON.stringify(next))
      } catch {
        // A full or forbidden store only means that a reload forgets.
      }
    },
  ]
}
