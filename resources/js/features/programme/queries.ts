import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type Programme, type Programmes } from '../../shared/api'

/** What the planner is asked for; numbers stay as typed until they are sent. */
export interface Wish {
  goal: string
  experience: string
  weeks: string
  order: string
  structure: string
  startsOn: string
  days: { weekday: number; minutes: string; time: string }[]
}

export interface Pinned {
  weekday: number
  exercise: string
  sets: number
}

/** The one that runs is shown, unless another is asked for. */
export const programmesOptions = (clientId: number, programme: string | null) =>
  queryOptions({
    queryKey: ['clients', clientId, 'programmes', programme],
    queryFn: () =>
      api.get<Programmes>(`clients/${clientId}/programmes${programme === null ? '' : `?programme=${programme}`}`),
  })

/** What is asked for: a wish, with a session in words where it is written by hand. */
export interface Asked {
  wish: Wish
  pinned: Pinned[]
  text: string | null
}

const sent = ({ wish, pinned, text }: Asked) => ({
  ...wish,
  weeks: Number(wish.weeks),
  days: wish.days.map((day) => ({ ...day, minutes: Number(day.minutes) })),
  pinned,
  text,
})

/** A session in words, read again whenever it has settled; the last reading stays until the next is there. */
export const readingOptions = (clientId: number, wish: Wish, text: string) =>
  queryOptions({
    queryKey: ['clients', clientId, 'programme-readings', wish, text],
    queryFn: () => api.post<Programme>(`clients/${clientId}/programme-proposals`, sent({ wish, pinned: [], text })),
    enabled: text.trim() !== '',
    placeholderData: keepPreviousData,
    retry: false,
  })

export function usePropose(clientId: number) {
  return useMutation({
    mutationFn: (asked: Asked) => api.post<Programme>(`clients/${clientId}/programme-proposals`, sent(asked)),
  })
}

export function useKeep(clientId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ start, ...asked }: Asked & { start: boolean }) =>
      api.post<Programme>(`clients/${clientId}/programmes`, { ...sent(asked), start }),
    onSuccess: () => queries.invalidateQueries(),
  })
}

export function useStart(clientId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (programme: number) => api.post<Programme>(`clients/${clientId}/programmes/${programme}/start`, {}),
    onSuccess: () => queries.invalidateQueries(),
  })
}
