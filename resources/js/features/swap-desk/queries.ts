import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type Swaps } from '../../shared/api'

export const swapsOptions = (itemId: number) =>
  queryOptions({ queryKey: ['items', itemId, 'swaps'], queryFn: () => api.get<Swaps>(`items/${itemId}/swaps`) })

/** For the next set alone, for the day, or for every later session that asks for the same. */
export type Scope = 'set' | 'today' | 'programme'

/** Uses a candidate, or with `null` takes the swap back. */
export function useChooseSwap(itemId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({
      key,
      scope = 'today',
      live,
    }: {
      key: string | null
      scope?: Scope
      live?: { exercise: string; setting: Record<string, unknown>; moved: Record<string, number> }
    }) =>
      key !== null && live
        ? api.put<Swaps>(`items/${itemId}/swaps/live`, { ...live, scope: scope === 'set' ? 'set' : 'today' })
        : key === null
          ? api.delete<Swaps>(`items/${itemId}/swaps?scope=${scope}`)
          : api.post<Swaps>(`items/${itemId}/swaps`, { key, scope }),
    onSuccess: (swaps) => {
      queries.setQueryData(swapsOptions(itemId).queryKey, swaps)
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'items' })
    },
  })
}
