import { useSyncExternalStore } from 'react'

export interface Message {
  words: string
  action: { label: string; act: () => void } | null
}

const shownMs = 9000
let message: Message | null = null
let timer: ReturnType<typeof setTimeout> | undefined
const listeners = new Set<() => void>()

function show(next: Message | null): void {
  message = next
  for (const listener of listeners) listener()
}

/** Says something in a line of its own above the thumb; the next one takes its place. */
export function say(words: string, action: Message['action'] = null): void {
  clearTimeout(timer)
  show({ words, action })
  timer = setTimeout(() => show(null), shownMs)
}

export function useMessage(): Message | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => message,
  )
}
