import { queryOptions } from '@tanstack/react-query'
import { api, type ExerciseRungs, type SessionDetail, type SlotDetail, type WeekSheet } from '../../../shared/api'

/** One change as it is sent; what it may hold, the core says. */
export type Edit = { kind: string; weekday?: number; slot?: string } & Record<string, unknown>

/** A change with where it counts: this week alone or those after it too, and the hour of a visit. */
export interface Change {
  edit: Edit
  onwards?: boolean
  time?: string
}

export const sheetOptions = (programmeId: number, week: number) =>
  queryOptions({
    queryKey: ['programme-weeks', programmeId, week],
    queryFn: () => api.get<WeekSheet>(`programmes/${programmeId}/weeks/${week}`),
    // Another window may change it: looking at it again reads it again.
    staleTime: 0,
    refetchOnWindowFocus: true,
  })

export const slotOptions = (sheet: WeekSheet, weekday: number, thread: string) =>
  queryOptions({
    queryKey: ['programme-slots', sheet.programmeId, sheet.number, sheet.version, weekday, thread],
    queryFn: () =>
      api.get<SlotDetail>(
        `programmes/${sheet.programmeId}/weeks/${sheet.number}/days/${weekday}/slots/${encodeURIComponent(thread)}`,
      ),
    placeholderData: (before) => (before?.thread === thread ? before : undefined),
  })

export const sessionDetailOptions = (sheet: WeekSheet, weekday: number) =>
  queryOptions({
    queryKey: ['programme-days', sheet.programmeId, sheet.number, sheet.version, weekday],
    queryFn: () => api.get<SessionDetail>(`programmes/${sheet.programmeId}/weeks/${sheet.number}/days/${weekday}`),
    placeholderData: (before) => (before?.weekday === weekday ? before : undefined),
  })

export const rungsOptions = (clientId: number, exercise: string | null) =>
  queryOptions({
    queryKey: ['clients', clientId, 'rungs', exercise],
    queryFn: () => api.get<ExerciseRungs>(`clients/${clientId}/rungs/${exercise}`),
    enabled: exercise !== null,
  })
