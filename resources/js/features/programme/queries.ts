import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
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

const sent = (wish: Wish, pinned: Pinned[]) => ({
  ...wish,
  weeks: Number(wish.weeks),
  days: wish.days.map((day) => ({ ...day, minutes: Number(day.minutes) })),
  pinned,
})

export function usePropose(clientId: number) {
  return useMutation({
    mutationFn: ({ wish, pinned }: { wish: Wish; pinned: Pinned[] }) =>
      api.post<Programme>(`clients/${clientId}/programme-proposals`, sent(wish, pinned)),
  })
}

export function useKeep(clientId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ wish, pinned, start }: { wish: Wish; pinned: Pinned[]; start: boolean }) =>
      api.post<Programme>(`clients/${clientId}/programmes`, { ...sent(wish, pinned), start }),
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
