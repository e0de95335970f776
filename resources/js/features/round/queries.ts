import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { toast } from 'sonner'
import { api, type Appointment, type Due, type Visit } from '../../shared/api'
import { briefDay, timeOfDay } from '../../shared/lib/time'

export { roundOptions } from '../floor'

/** What falls due, of all clients. */
export const dueOptions = queryOptions({ queryKey: ['due'], queryFn: () => api.get<Due[]>('due') })

export interface Place {
  date: string
  time: string
  why: string
}

/** Where a visit stands now, on the clock on the wall. */
export const placeOf = (visit: Visit): Place => ({
  date: visit.startsAt.slice(0, 10),
  time: timeOfDay(visit.startsAt),
  why: visit.why,
})

/** After a change everything is asked anew; and an action for a toast that takes the change back. */
function useWayBack() {
  const queries = useQueryClient()
  const fresh = () => queries.invalidateQueries()
  return {
    fresh,
    back: (undo: () => Promise<unknown>) => ({
      action: { label: 'Undo', onClick: () => void undo().then(fresh, (error: Error) => toast.error(error.message)) },
    }),
  }
}

/** Moves, cancels and takes out visits; each says what it did and can be taken back. */
export function useVisits() {
  const { fresh, back } = useWayBack()
  const move = useMutation({
    mutationFn: ({ visit, to }: { visit: Visit; to: Place }) => api.put<void>(`visits/${visit.sessionId}`, to),
    onSuccess: (_, { visit, to }) => {
      toast(
        `${visit.clientName}: ${briefDay(to.date)}, ${to.time}`,
        back(() => api.put(`visits/${visit.sessionId}`, placeOf(visit))),
      )
      return fresh()
    },
  })
  const cancel = useMutation({
    mutationFn: ({ visit, why }: { visit: Visit; why: string }) =>
      api.post<void>(`visits/${visit.sessionId}/cancellation`, { why }),
    onSuccess: (_, { visit }) => {
      toast(
        `The visit to ${visit.clientName} is cancelled`,
        back(() => api.delete(`visits/${visit.sessionId}/cancellation`)),
      )
      return fresh()
    },
  })
  const bringBack = useMutation({
    mutationFn: (visit: Visit) => api.delete<void>(`visits/${visit.sessionId}/cancellation`),
    onSuccess: (_, visit) => {
      toast(
        `The visit to ${visit.clientName} stands again`,
        back(() => api.post(`visits/${visit.sessionId}/cancellation`, { why: visit.why })),
      )
      return fresh()
    },
    onError: (error) => toast.error(error.message),
  })
  const remove = useMutation({
    mutationFn: (visit: Visit) => api.delete<void>(`visits/${visit.sessionId}`),
    onSuccess: (_, visit) => {
      toast(`The visit added to ${visit.clientName} is taken out`)
      return fresh()
    },
  })
  return { move, cancel, bringBack, remove }
}

export function useAddVisit(clientId: number) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (what: Omit<Place, 'why'> & { plannedSessionId: number | null }) =>
      api.post<{ sessionId: number }>(`clients/${clientId}/visits`, what),
    onSuccess: ({ sessionId }, { date, time }) => {
      toast(`A visit is added: ${briefDay(date)}, ${time}`, {
        action: {
          label: 'Undo',
          onClick: () =>
            void api.delete(`visits/${sessionId}`).then(
              () => queries.invalidateQueries(),
              (error: Error) => toast.error(error.message),
            ),
        },
      })
      return queries.invalidateQueries()
    },
  })
}

export interface AppointmentSent {
  kind: Appointment['kind']
  clientId: string | null
  date: string
  time: string
  minutes: string
  words: string
  everyWeeks?: string
  until?: string
}

/** Puts what has no session on the Round, changes it, and takes it off; each can be taken back. */
export function useAppointments() {
  const { fresh, back } = useWayBack()
  const add = useMutation({
    mutationFn: (what: AppointmentSent) => api.post<{ id: number; count: number }>('appointments', what),
    onSuccess: ({ id, count }, { date, time }) => {
      const row = count > 1 ? `, and ${count - 1} more after it` : ''
      toast(
        `It stands on the Round: ${briefDay(date)}, ${time}${row}`,
        back(() => api.delete(`appointments/${id}?later=${count > 1 ? 1 : 0}`)),
      )
      return fresh()
    },
  })
  const change = useMutation({
    mutationFn: ({ was, what }: { was: Appointment; what: AppointmentSent }) =>
      api.put<void>(`appointments/${was.id}`, what),
    onSuccess: (_, { was, what }) => {
      toast(
        `Now ${briefDay(what.date)}, ${what.time}`,
        back(() =>
          api.put(`appointments/${was.id}`, {
            kind: was.kind,
            clientId: was.clientId,
            date: was.startsAt.slice(0, 10),
            time: timeOfDay(was.startsAt),
            minutes: was.minutes,
            words: was.words,
          }),
        ),
      )
      return fresh()
    },
  })
  const remove = useMutation({
    mutationFn: ({ appointment, andLater }: { appointment: Appointment; andLater: boolean }) =>
      api.delete<void>(`appointments/${appointment.id}?later=${andLater ? 1 : 0}`),
    onSuccess: (_, { appointment, andLater }) => {
      toast(
        andLater ? 'All of them from here on are off the Round' : `${appointment.label}: off the Round`,
        back(() => api.post(`appointments/${appointment.id}/restore`, { later: andLater })),
      )
      return fresh()
    },
    onError: (error) => toast.error(error.message),
  })
  return { add, change, remove }
}
