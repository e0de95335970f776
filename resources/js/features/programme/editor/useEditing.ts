import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { api, ApiError, type Followed, type WeekSheet } from '../../../shared/api'
import { type Change, sheetOptions } from './queries'
import { EditQueue, type Waiting } from './queue'

/** So long nobody changes anything before the weeks after follow, milliseconds. */
const QUIET = 1200

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

  // One queue for as long as this week is edited, made with the first change.
  const queue = useRef<EditQueue<WeekSheet> | null>(null)
  const made = () =>
    new EditQueue<WeekSheet>(
      async (change) => {
        const key = sheetOptions(programmeId, week).queryKey
        await queries.cancelQueries({ queryKey: key })
        const version = queries.getQueryData(key)?.version ?? 0
        return change === 'undo' || change === 'redo'
          ? api.post<WeekSheet>(`programmes/${programmeId}/${change}`, { version })
          : api.post<WeekSheet>(`programmes/${programmeId}/weeks/${week}/edits`, { version, ...change })
      },
      {
        onMade: (sheet) => {
          queries.setQueryData(sheetOptions(programmeId, sheet.number).queryKey, sheet)
          setProblem(null)
          latest.current(sheet)
        },
        onRefused: async (change, error) => {
          if (error instanceof ApiError && error.status === 409) {
            setStale({ change, message: error.message })
            await queries.refetchQueries({ queryKey: sheetOptions(programmeId, week).queryKey })
          } else {
            setProblem(error instanceof ApiError ? error : new ApiError(0, String(error)))
          }
        },
        onBusy: (busy) => {
          setBusy(busy)
          if (busy) clearTimeout(quiet.current)
        },
        onIdle: (hasChanged) => {
          if (!hasChanged) return
          setFollowing('waiting')
          quiet.current = setTimeout(() => void follow(), QUIET)
        },
      },
    )

  const push = (change: Waiting) => {
    setStale(null)
    setProblem(null)
    queue.current ??= made()
    return queue.current.push(change)
  }

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
