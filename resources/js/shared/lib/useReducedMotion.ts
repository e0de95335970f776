import { useSyncExternalStore } from 'react'

const query = () => window.matchMedia('(prefers-reduced-motion: reduce)')

function subscribe(changed: () => void): () => void {
  const list = query()
  list.addEventListener('change', changed)
  return () => list.removeEventListener('change', changed)
}

/** True where the person asked their device for less motion. */
export function useReducedMotion(): boolean {
  return useSyncExternalStore(subscribe, () => query().matches)
}
