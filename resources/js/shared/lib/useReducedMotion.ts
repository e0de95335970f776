import { useMedia } from './useMedia'

/** True where the person asked their device for less motion. */
export const useReducedMotion = (): boolean => useMedia('(prefers-reduced-motion: reduce)')
