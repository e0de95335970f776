import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type AppliedReplan, type Occasion, type Replan } from '../../shared/api'

/** What happened, as the server asks it; null while something is still to be said. */
export type Happened =
  | { occasion: Extract<Occasion, 'missing'>; thingIds: number[] }
  | { occasion: Extract<Occasion, 'less-time'>; minutes: number }
  | { occasion: Extract<Occasion, 'sore'>; part: string }

/** The session planned anew; the last plan stays on the screen until the next is there. */
export const replanOptions = (sessionId: number, happened: Happened | null) =>
  queryOptions({
    queryKey: ['sessions', sessionId, 'replan', happened],
    queryFn: () => api.post<Replan>(`sessions/${sessionId}/replans`, happened ?? {}),
    enabled: happened !== null,
    placeholderData: keepPreviousData,
  })

export function useApplyReplan(sessionId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ happened, accepted }: { happened: Happened; accepted: number[] }) =>
      api.put<AppliedReplan>(`sessions/${sessionId}/replans`, { ...happened, accepted }),
    onSuccess: () => queries.invalidateQueries(),
  })
}
