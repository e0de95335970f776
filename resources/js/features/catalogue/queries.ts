import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type Catalogue, type Exercise, type Fitting, type Variant } from '../../shared/api'

/** The whole catalogue; it changes only with a new release or a new version of the trainer's own. */
export const catalogueOptions = queryOptions({
  queryKey: ['catalogue'],
  queryFn: () => api.get<Catalogue>('catalogue'),
  staleTime: 10 * 60 * 1000,
})

/** What of it a client can do with their shelf, in their room, within their limits. */
export const fittingOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'fitting'],
    queryFn: () => api.get<Fitting>(`clients/${clientId}/fitting`),
  })

export interface Choice {
  client: number | null
  implement: string
  massKg: number | null
}

export const exerciseOptions = (id: string, choice: Choice) =>
  queryOptions({
    queryKey: ['catalogue', id, choice],
    queryFn: () => {
      const asked = new URLSearchParams()
      if (choice.client !== null) asked.set('client', String(choice.client))
      if (choice.implement !== '') asked.set('implement', choice.implement)
      if (choice.massKg !== null) asked.set('massKg', String(choice.massKg))
      return api.get<Exercise>(`catalogue/${id}?${asked.toString()}`)
    },
  })

export interface VariantEntry {
  exercise: string
  name: string
  setUp: string[]
  outward: string[]
  inward: string[]
  breath: string
  note: string
}

export function useSaveVariant(id: number | null) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (entry: VariantEntry) =>
      id === null ? api.post<Variant>('variants', entry) : api.put<Variant>(`variants/${id}`, entry),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['catalogue'] }),
  })
}

export function useRemoveVariant() {
  const queries = useQueryClient()
  const refresh = () => queries.invalidateQueries({ queryKey: ['catalogue'] })
  return {
    remove: useMutation({ mutationFn: (id: number) => api.delete<void>(`variants/${id}`), onSuccess: refresh }),
    putBack: useMutation({
      mutationFn: (id: number) => api.post<Variant>(`variants/${id}/restore`, {}),
      onSuccess: refresh,
    }),
  }
}
