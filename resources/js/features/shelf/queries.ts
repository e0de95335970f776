import { useState } from 'react'
import { keepPreviousData, queryOptions, useMutation, useQueries, useQueryClient } from '@tanstack/react-query'
import {
  api,
  type Coverage,
  type Fill,
  type ParsedLine,
  type PlateLoading,
  type Shelf,
  type ShelfItem,
  type SupportCheck,
  type TriedAddition,
} from '../../shared/api'

/** Of the things that would help so many are named. */
const MOST_SHOWN = 6

export const shelfOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'shelf'],
    queryFn: () => api.get<Shelf>(`clients/${clientId}/shelf-items`),
  })

export const coverageOptions = (clientId: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'coverage'],
    queryFn: () => api.get<Coverage>(`clients/${clientId}/coverage`),
  })

const additionOptions = (clientId: number, place: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'coverage', 'additions', place],
    queryFn: () => api.get<TriedAddition>(`clients/${clientId}/coverage/additions/${place}`),
  })

/** What one thing more would open: the things of a list are tried one after the other, and how far that is can be seen. */
export function useAdditions(clientId: number, count: number) {
  const [reached, setReached] = useState(1)
  const tried = useQueries({
    queries: Array.from({ length: count }, (_, place) => ({
      ...additionOptions(clientId, place),
      enabled: place < reached,
    })),
  })
  const done = tried.filter((one) => one.isSuccess).length
  if (reached <= done) {
    setReached(done + 1)
  }
  return {
    done,
    failed: tried.find((one) => one.isError),
    helpful: tried
      .flatMap((one) => one.data?.gain ?? [])
      .sort((one, two) => two.score - one.score)
      .slice(0, MOST_SHOWN),
  }
}

/** Reads a line as it is typed; the last reading stays until the next one is there. */
export const lineOptions = (clientId: number, line: string) =>
  queryOptions({
    queryKey: ['clients', clientId, 'line', line],
    queryFn: () => api.post<ParsedLine>(`clients/${clientId}/shelf-lines`, { line }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    enabled: line.trim() !== '',
  })

export const platesOptions = (clientId: number, itemId: number, from: number, to: number) =>
  queryOptions({
    queryKey: ['clients', clientId, 'plates', itemId, from, to],
    queryFn: () => api.get<PlateLoading>(`clients/${clientId}/shelf-items/${itemId}/plates?from=${from}&to=${to}`),
    placeholderData: keepPreviousData,
  })

/** What the form sends; empty fields are left out. */
export type ShelfEntry = Record<string, unknown>

/** A change of the shelf changes what needs a swap, everywhere. */
function useShelfChange<T, R>(change: (what: T) => Promise<R>) {
  const queries = useQueryClient()
  // Not waited for: the form is free for the next line at once.
  return useMutation({ mutationFn: change, onSuccess: () => void queries.invalidateQueries() })
}

export const useAddToShelf = (clientId: number) =>
  useShelfChange((entry: ShelfEntry) => api.post<ShelfItem>(`clients/${clientId}/shelf-items`, entry))

export const useChangeThing = (clientId: number, itemId: number) =>
  useShelfChange((entry: ShelfEntry) => api.put<ShelfItem>(`clients/${clientId}/shelf-items/${itemId}`, entry))

export const useCopyThing = (clientId: number) =>
  useShelfChange(({ itemId, toClientId }: { itemId: number; toClientId: number }) =>
    api.post<ShelfItem>(`clients/${clientId}/shelf-items/${itemId}/copy`, { toClientId }),
  )

/** Lends a thing to another client, or gives it back where nobody is named. */
export const useLend = (clientId: number) =>
  useShelfChange(({ itemId, toClientId }: { itemId: number; toClientId: number | null }) =>
    toClientId === null
      ? api.delete<void>(`shelf-items/${itemId}/loan`)
      : api.post<void>(`clients/${clientId}/shelf-items/${itemId}/loan`, { toClientId }),
  )

export const useTakeOffShelf = (clientId: number) =>
  useShelfChange((itemId: number) => api.delete<void>(`clients/${clientId}/shelf-items/${itemId}`))

export const useInspect = (clientId: number) =>
  useShelfChange(({ itemId, condition }: { itemId: number; condition: string }) =>
    api.put<ShelfItem>(`clients/${clientId}/shelf-items/${itemId}/inspection`, { condition }),
  )

export const useFill = (clientId: number) =>
  useMutation({ mutationFn: (asked: Record<string, unknown>) => api.post<Fill>(`clients/${clientId}/fills`, asked) })

export const useSupportCheck = (clientId: number, itemId: number) =>
  useMutation({
    mutationFn: (measured: Record<string, unknown>) =>
      api.post<SupportCheck>(`clients/${clientId}/shelf-items/${itemId}/check`, measured),
  })
