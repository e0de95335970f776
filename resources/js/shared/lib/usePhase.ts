import { useEffect, useState } from 'react'
import { useReducedMotion } from './useReducedMotion'
import { useStill } from './useStill'

export interface Beat {
  liftSeconds: number
  lowerSeconds: number
}

const PAUSE_SECONDS = 0.45

/**
 * Where in the lifting phase a movement is, `seconds` after it started: up, a pause, down, a pause.
 *
 * @returns 0 at the start of the lifting phase, 1 at its end; eased, so that limbs do not jerk.
 */
export function phaseAt(seconds: number, beat: Beat): number {
  const round = beat.liftSeconds + beat.lowerSeconds + 2 * PAUSE_SECONDS
  const t = seconds % round
  const eased = (share: number) => share * share * (3 - 2 * share)
  if (t < beat.liftSeconds) return eased(t / beat.liftSeconds)
  if (t < beat.liftSeconds + PAUSE_SECONDS) return 1
  if (t < round - PAUSE_SECONDS) return 1 - eased((t - beat.liftSeconds - PAUSE_SECONDS) / beat.lowerSeconds)
  return 0
}

/** How soon a figure may be drawn again, as a multiple of what drawing it took. */
const REST = 3

/** Frames nearer to each other than this, milliseconds, say that drawing costs nothing worth sparing. */
const SMOOTH_MS = 25

/**
 * Says at every frame whether to draw: always where the device keeps up; where it does not, less often, so that most of its
 * time is left for whoever touches it.
 */
export function sparing(): (now: number) => boolean {
  let last: number | null = null
  let drew = false
  let notBefore = 0
  return (now) => {
    if (drew && last !== null && now - last > SMOOTH_MS) notBefore = now + REST * (now - last)
    last = now
    drew = now >= notBefore
    return drew
  }
}

/** The phase as it runs, for figures and curves that move in step; stands at the middle where motion is unwanted. */
export function usePhase(beat: Beat, running = true): number {
  const isReduced = useReducedMotion()
  const isStopped = useStill()
  const still = isReduced || isStopped
  const [phase, setPhase] = useState(0.5)
  const { liftSeconds, lowerSeconds } = beat
  useEffect(() => {
    if (still || !running) return
    const began = performance.now()
    const isTime = sparing()
    let frame = requestAnimationFrame(function step(now) {
      if (isTime(now)) setPhase(phaseAt((now - began) / 1000, { liftSeconds, lowerSeconds }))
      frame = requestAnimationFrame(step)
    })
    return () => cancelAnimationFrame(frame)
  }, [liftSeconds, lowerSeconds, still, running])
  return still || !running ? 0.5 : phase
}
