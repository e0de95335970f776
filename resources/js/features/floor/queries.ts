import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type Session, type SessionState, type SetLog } from '../../shared/api'

export const sessionOptions = (sessionId: number) =>
  queryOptions({
    queryKey: ['sessions', sessionId],
    queryFn: () => api.get<Session>(`sessions/${sessionId}`),
    staleTime: 0,
  })

export interface DoneSet {
  /** Made once for each set, so that sending it again never counts it twice. */
  key: string
  itemId: number
  setNumber: number
  side: string | null
  reps: number
  reserve: number
  pain: boolean
  painNote: string
}

export function useLogSet(sessionId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ itemId, ...done }: DoneSet) => api.post<SetLog>(`items/${itemId}/sets`, done),
    // The same key again is the same set, so an answer that was lost on the way may be asked for again.
    retry: 2,
    retryDelay: 600,
    networkMode: 'always',
    onSuccess: (log, { itemId }) => {
      queries.setQueryData<Session>(['sessions', sessionId], (session) => session && withLog(session, itemId, log))
      void queries.invalidateQueries({ predicate: (query) => ['clients', 'round'].includes(String(query.queryKey[0])) })
    },
  })
}

export function withLog(session: Session, itemId: number, log: SetLog): Session {
  return {
    ...session,
    blocks: session.blocks.map((block) => ({
      ...block,
      items: block.items.map((item) =>
        item.id === itemId ? { ...item, setLogs: [...item.setLogs.filter((known) => known.id !== log.id), log] } : item,
      ),
    })),
  }
}

export function useUndoSet() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (setId: number) => api.delete<void>(`sets/${setId}`),
    onSuccess: () => queries.invalidateQueries(),
  })
}

/** Puts an item back as the programme wrote it. */
export function usePutBack() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (itemId: number) => api.delete<unknown>(`items/${itemId}/swaps`),
    onSuccess: () => queries.invalidateQueries(),
  })
}

export function useSessionState(sessionId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (state: SessionState) => api.put<Session>(`sessions/${sessionId}/state`, { state }),
    onSuccess: (session) => {
      queries.setQueryData(['sessions', sessionId], session)
      void queries.invalidateQueries({ queryKey: ['round'] })
    },
  })
}
