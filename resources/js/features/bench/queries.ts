import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type Bench } from '../../shared/api'

export const benchOptions = (clientId: number) =>
  queryOptions({ queryKey: ['clients', clientId, 'bench'], queryFn: () => api.get<Bench>(`clients/${clientId}/bench`) })

/** One thing done at the bench; what comes back is the bench as it stands. */
export function useBench(clientId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ act, body = {} }: { act: string; body?: Record<string, unknown> }) =>
      act.startsWith('points/')
        ? api.delete<Bench>(`clients/${clientId}/bench/${act}`)
        : api.post<Bench>(`clients/${clientId}/bench/${act}`, body),
    onSuccess: (bench, { act }) => {
      queries.setQueryData(benchOptions(clientId).queryKey, bench)
      if (act === 'finish' || act === 'weigh') {
        return queries.invalidateQueries({ predicate: (query) => !query.queryKey.includes('bench') })
      }
      return undefined
    },
  })
}
