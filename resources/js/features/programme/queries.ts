import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import {
  api,
  type Break,
  type ForecastLift,
  type Programme,
  type ProgrammeEdit,
  type ProgrammeName,
  type Programmes,
  type Review,
  type Template,
  type WeekSheet,
} from '../../shared/api'

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

/** What of a programme no longer stands. */
export const reviewOptions = (programmeId: number) =>
  queryOptions({
    queryKey: ['programme-reviews', programmeId],
    queryFn: () => api.get<Review>(`programmes/${programmeId}/review`),
    staleTime: 0,
  })

/** @param onDone  Called before anything is read again: the list it was asked from is gone then. */
export function useMend(programmeId: number, onDone: () => void) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (mend: { version: number; accepted: string[] }) =>
      api.post<WeekSheet>(`programmes/${programmeId}/review`, mend),
    onSuccess: () => {
      onDone()
      void queries.invalidateQueries()
    },
  })
}

/** Everything that can be copied: templates first. */
export const copyableOptions = queryOptions({
  queryKey: ['programmes'],
  queryFn: () => api.get<Template[]>('programmes'),
})

export function useCopy() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({
      programme,
      ...what
    }: {
      programme: number
      clientId?: number
      week?: number
      weekday?: number
      name?: string
    }) => api.post<ProgrammeName>(`programmes/${programme}/copies`, what),
    onSuccess: () => queries.invalidateQueries(),
  })
}

export function useDiscard() {
  const queries = useQueryClient()
  const onSuccess = () => queries.invalidateQueries()
  return {
    discard: useMutation({ mutationFn: (programme: number) => api.delete<void>(`programmes/${programme}`), onSuccess }),
    putBack: useMutation({
      mutationFn: (programme: number) => api.post<ProgrammeName>(`programmes/${programme}/restore`, {}),
      onSuccess,
    }),
  }
}

/** The main lifts drawn forward. */
export const forecastOptions = (programmeId: number) =>
  queryOptions({
    queryKey: ['clients', 'programme-forecasts', programmeId],
    queryFn: () => api.get<ForecastLift[]>(`programmes/${programmeId}/forecast`),
  })

/** What was changed, by hand or by what was logged; the newest first. */
export const editsOptions = (programmeId: number) =>
  queryOptions({
    queryKey: ['clients', 'programme-edits', programmeId],
    queryFn: () => api.get<ProgrammeEdit[]>(`programmes/${programmeId}/edits`),
  })

/** Where it would go on after missed visits; without words where nothing was missed. */
export const breakOptions = (programmeId: number) =>
  queryOptions({
    queryKey: ['clients', 'programme-breaks', programmeId],
    queryFn: () => api.get<Break>(`programmes/${programmeId}/break`),
  })

export function useResume(programmeId: number) {
  const queries = useQueryClient()
  const onSuccess = () => queries.invalidateQueries()
  return {
    goOn: useMutation({ mutationFn: () => api.post<Break>(`programmes/${programmeId}/break`, {}), onSuccess }),
    moveBack: useMutation({
      mutationFn: (startsOn: string) => api.put<Break>(`programmes/${programmeId}/break`, { startsOn }),
      onSuccess,
    }),
  }
}
