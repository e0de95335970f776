import { useEffect, useRef, useState } from 'react'
import { api, type Candidate, type LiveSwap } from '../../shared/api'

export type Moved = Record<string, number>

export interface Live {
  /** The candidate at the moved setting, or as it was where nothing is moved yet. */
  candidate: Candidate | undefined
  /** Why the moved setting cannot be used; the last one that could stays on the screen. */
  problem: string | null
  lost: string | null
}

interface Reckoned extends Live {
  of: string | undefined
}

/** Reckons a candidate again as its controls move: one request at a time, always the newest setting next. */
export function useLive(itemId: number, candidate: Candidate | undefined, moved: Moved): Live {
  const [reckoned, setReckoned] = useState<Reckoned>({ of: undefined, candidate: undefined, problem: null, lost: null })
  const waiting = useRef<{ candidate: Candidate; moved: Moved } | null>(null)
  const busy = useRef(false)
  const changed = Object.keys(moved).length > 0

  useEffect(() => {
    if (!candidate || !changed) return
    waiting.current = { candidate, moved }
    const next = async () => {
      if (busy.current) return
      while (waiting.current) {
        const asked = waiting.current
        waiting.current = null
        busy.current = true
        try {
          const answer = await api.post<LiveSwap>(`items/${itemId}/swaps/live`, {
            setting: asked.candidate.setting,
            exercise: asked.candidate.exercise,
            moved: asked.moved,
          })
          setReckoned((before) => ({
            of: asked.candidate.key,
            candidate: answer.candidate ?? (before.of === asked.candidate.key ? before.candidate : asked.candidate),
            problem: answer.problem,
            lost: null,
          }))
        } catch (error) {
          setReckoned((before) => ({
            ...before,
            lost: error instanceof Error ? error.message : 'It cannot be reckoned.',
          }))
        } finally {
          busy.current = false
        }
      }
    }
    void next()
  }, [itemId, candidate, moved, changed])

  if (!changed || reckoned.of !== candidate?.key)
    return { candidate, problem: null, lost: changed ? reckoned.lost : null }
  return reckoned
}
