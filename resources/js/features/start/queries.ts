import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type ReadResult, type Start, type ToldResult } from '../../shared/api'

export const startOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'start'],
    queryFn: () => api.get<Start>(`clients/${clientId}/start`),
  })

/** Reads a line as it is typed; nothing is kept. */
export const toldOptions = (clientId: number, line: string) =>
  queryOptions({
    queryKey: ['clients', clientId, 'told-line', line],
    queryFn: () => api.post<ReadResult>(`clients/${clientId}/told-lines`, { line }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
    enabled: line.trim() !== '',
  })

/** What is known of somebody changes every load that is planned, swapped or forecast. */
function useStrengthChange<T, R>(change: (what: T) => Promise<R>) {
  const queries = useQueryClient()
  return useMutation({ mutationFn: change, onSuccess: () => void queries.invalidateQueries() })
}

export const useTell = (clientId: number) =>
  useStrengthChange((line: string) => api.post<ToldResult>(`clients/${clientId}/told-results`, { line }))

export const useTakeBack = (clientId: number) =>
  useStrengthChange((id: number) => api.delete(`clients/${clientId}/told-results/${id}`))

export const usePutBack = (clientId: number) =>
  useStrengthChange((id: number) => api.post<ToldResult>(`clients/${clientId}/told-results/${id}/restore`, {}))

export const useBegin = (clientId: number) =>
  useStrengthChange((at: 'now' | 'next-visit') => api.post<{ sessionId: number }>(`clients/${clientId}/start`, { at }))

export const useTakeOut = () => useStrengthChange((sessionId: number) => api.delete(`visits/${sessionId}`))
