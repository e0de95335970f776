import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { api, ApiError, type Followed, type WeekSheet } from '../../../shared/api'
import { type Change, sheetOptions } from './queries'

/** So long nobody changes anything before the weeks after follow, milliseconds. */
const QUIET = 1200

type Waiting = Change | 'undo' | 'redo'

export interface Editing {
  /** True once it is made; false where it could not be. */
  edit: (edit: Change['edit'], more?: Omit<Change, 'edit'>) => Promise<boolean>
  undo: () => void
  redo: () => void
  isBusy: boolean
  /** What could not be done, and why; the week stands as it was. */
  problem: ApiError | null
  /** A change that was made on what another window has changed since. */
  stale: { change: Waiting; message: string } | null
  again: () => void
  dismiss: () => void
  /** `waiting` until the weeks after have taken the changes over. */
  following: 'none' | 'waiting' | 'done'
  keptVisits: string[]
}

/**
 * Changes of one week, sent one at a time and in order, each on what the one before it came to. What cannot be made is said;
 * what was made meanwhile in another window is shown, and the change can be made again on it.
 */
export function useEditing(programmeId: number, week: number, onSheet: (sheet: WeekSheet) => void): Editing {
  const queries = useQueryClient()
  const waiting = useRef<{ change: Waiting; done: (isMade: boolean) => void }[]>([])
  const isSending = useRef(false)
  const [isBusy, setBusy] = useState(false)
  const [problem, setProblem] = useState<ApiError | null>(null)
  const [stale, setStale] = useState<Editing['stale']>(null)
  const [following, setFollowing] = useState<Editing['following']>('none')
  const [keptVisits, setKeptVisits] = useState<string[]>([])
  const quiet = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const latest = useRef(onSheet)
  useEffect(() => {
    latest.current = onSheet
  })

  const follow = useCallback(async () => {
    const followed = await api.post<Followed>(`programmes/${programmeId}/follow`, {}).catch(() => null)
    // Where it fails nothing is lost: whoever reads the weeks after lets them follow.
    setFollowing('done')
    setKeptVisits(followed?.keptVisits ?? [])
    void queries.invalidateQueries({ queryKey: ['clients'] })
    void queries.invalidateQueries({ queryKey: ['round'] })
    void queries.invalidateQueries({
      queryKey: ['programme-weeks', programmeId],
      predicate: ({ queryKey }) => queryKey[2] !== week,
    })
  }, [programmeId, queries, week])

  const send = useCallback(async () => {
    if (isSending.current) return
    isSending.current = true
    setBusy(true)
    clearTimeout(quiet.current)
    let hasChanged = false
    for (let first = waiting.current.shift(); first !== undefined; first = waiting.current.shift()) {
      const { change: next, done } = first
      const key = sheetOptions(programmeId, week).queryKey
      const version = queries.getQueryData(key)?.version ?? 0
      try {
        await queries.cancelQueries({ queryKey: key })
        const sheet =
          next === 'undo' || next === 'redo'
            ? await api.post<WeekSheet>(`programmes/${programmeId}/${next}`, { version })
            : await api.post<WeekSheet>(`programmes/${programmeId}/weeks/${week}/edits`, { version, ...next })
        queries.setQueryData(sheetOptions(programmeId, sheet.number).queryKey, sheet)
        setProblem(null)
        latest.current(sheet)
        hasChanged = true
        done(true)
      } catch (error) {
        // What was to come after it was meant for what it would have come to.
        for (const { done: refused } of [first, ...waiting.current]) refused(false)
        waiting.current = []
        if (error instanceof ApiError && error.status === 409) {
          setStale({ change: next, message: error.message })
          await queries.refetchQueries({ queryKey: key })
        } else {
          setProblem(error instanceof ApiError ? error : new ApiError(0, String(error)))
        }
      }
    }
    isSending.current = false
    setBusy(false)
    if (hasChanged) {
      setFollowing('waiting')
      quiet.current = setTimeout(() => void follow(), QUIET)
    }
  }, [follow, programmeId, queries, week])

  const push = useCallback(
    (change: Waiting) =>
      new Promise<boolean>((done) => {
        setStale(null)
        setProblem(null)
        waiting.current.push({ change, done })
        void send()
      }),
    [send],
  )

  // Leaving lets the weeks after follow at once.
  useEffect(() => () => clearTimeout(quiet.current), [])

  return {
    edit: (edit, more = {}) => push({ edit, ...more }),
    undo: () => void push('undo'),
    redo: () => void push('redo'),
    isBusy,
    problem,
    stale,
    again: () => {
      if (stale) void push(stale.change)
    },
    dismiss: () => {
      setStale(null)
      setProblem(null)
    },
    following,
    keptVisits,
  }
}
