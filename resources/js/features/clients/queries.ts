import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { toast } from 'sonner'
import {
  api,
  type Client,
  type ClientSummary,
  type Health,
  type LimitEffects,
  type VisitChoice,
} from '../../shared/api'

export const clientsOptions = queryOptions({
  queryKey: ['clients'],
  queryFn: () => api.get<ClientSummary[]>('clients'),
})

/** Those who are visited; who was put away is on the list of clients alone. */
export const visitedOptions = queryOptions({
  ...clientsOptions,
  select: (all: ClientSummary[]) => all.filter((one) => !one.isArchived),
})

export const clientOptions = (clientId: number) =>
  queryOptions({ queryKey: ['clients', clientId], queryFn: () => api.get<Client>(`clients/${clientId}`) })

export const healthOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'health'],
    queryFn: () => api.get<Health>(`clients/${clientId}/health`),
    // Every look is written down; looking again by itself would write down too many.
    staleTime: Infinity,
  })

export const limitsOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'limits'],
    queryFn: () => api.get<LimitEffects>(`clients/${clientId}/limits`),
  })

/** Sessions of the programme that runs: what a visit more could be, or an exercise be put into. */
export const visitChoicesOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'visits'],
    queryFn: () => api.get<VisitChoice[]>(`clients/${clientId}/visits`),
  })

export function useAddClient() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (person: Record<string, unknown>) => api.post<Client>('clients', person),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['clients'] }),
  })
}

export function useChangeClient(clientId: number, path = '', method: 'put' | 'post' = 'put') {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (person: Record<string, unknown>) => api[method]<Client>(`clients/${clientId}${path}`, person),
    onSuccess: () => queries.invalidateQueries(),
  })
}

/** A change of health answers: what comes back is shown, and everything that hangs on limits is fetched anew. */
export function useHealthChange<T>(clientId: number, change: (what: T) => Promise<Health>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: (health) => {
      queries.setQueryData(healthOptions(clientId).queryKey, health)
      return queries.invalidateQueries({ predicate: (query) => !query.queryKey.includes('health') })
    },
  })
}

export function useLimitChange<T>(clientId: number, change: (what: T) => Promise<LimitEffects>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: (effects) => {
      queries.setQueryData(limitsOptions(clientId).queryKey, effects)
      return queries.invalidateQueries({ predicate: (query) => !query.queryKey.includes('limits') })
    },
  })
}

/** Puts a client away, or brings one back. */
export function useArchive() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ clientId, away }: { clientId: number; away: boolean }) =>
      away ? api.post<void>(`clients/${clientId}/archive`, {}) : api.delete<void>(`clients/${clientId}/archive`),
    onSuccess: () => queries.invalidateQueries(),
  })
}

/** Somebody to try things on: made, or taken away where there is one. */
export function useDemoClient() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (isThere: boolean) => (isThere ? api.delete<void>('demo-client') : api.post<void>('demo-client', {})),
    onSuccess: (_, isThere) => {
      toast.success(
        isThere ? 'The client to try is gone, with all that was done' : 'There is a visit today, and a swap to choose',
      )
      return queries.invalidateQueries()
    },
    onError: (error) => toast.error(error.message),
  })
}
