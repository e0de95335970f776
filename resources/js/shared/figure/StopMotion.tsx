import { Pause, Play } from 'lucide-react'
import { useReducedMotion } from '../lib/useReducedMotion'
import { setStill, useStill } from '../lib/useStill'

/** Stops the figures that move over and over, and lets them go on; not there where the device asks for no motion at all. */
export function StopMotion({ className = '' }: { className?: string }) {
  const isReduced = useReducedMotion()
  const isStill = useStill()
  if (isReduced) return null
  const Icon = isStill ? Play : Pause
  return (
    <button type="button" className={`btn btn-ghost btn-xs min-h-6 ${className}`} onClick={() => setStill(!isStill)}>
      <Icon className="size-4" aria-hidden="true" /> {isStill ? 'Let it move' : 'Stop the movement'}
    </button>
  )
}
