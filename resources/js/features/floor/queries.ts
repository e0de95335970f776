import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { api, type Session } from '../../shared/api'
import { withEvents } from './events'
import { meOptions } from '../sign-in'
import { onKept, openOutbox, useOutbox } from './outbox'

export const sessionOptions = (sessionId: number) =>
  queryOptions({
    queryKey: ['sessions', sessionId],
    queryFn: () => api.get<Session>(`sessions/${sessionId}`),
    staleTime: 0,
  })

/** Opens the signed-in trainer's outbox, so that what has waited leaves from any place of the application. */
export function useOwnOutbox() {
  const me = useQuery(meOptions)
  const trainer = me.data?.id
  useEffect(() => {
    if (trainer !== undefined) openOutbox(trainer)
  }, [trainer])
  return me
}

/** The session as it stands on this device, with what has not been sent yet. */
export function useSession(sessionId: number) {
  const queries = useQueryClient()
  const session = useQuery({ ...sessionOptions(sessionId), refetchOnWindowFocus: false })
  const { waiting } = useOutbox()
  useEffect(
    () =>
      onKept((kept) => {
        // What the application has stays on the screen while it is asked again.
        queries.setQueryData<Session>(['sessions', sessionId], (known) => known && withEvents(known, kept))
        void queries.invalidateQueries({
          predicate: ({ queryKey }) => ['sessions', 'clients', 'round'].includes(String(queryKey[0])),
        })
      }),
    [queries, sessionId],
  )
  return { ...session, data: session.data && withEvents(session.data, waiting) }
}

/** Puts an item back as the programme wrote it. */
export function usePutBack() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (itemId: number) => api.delete<unknown>(`items/${itemId}/swaps`),
    onSuccess: () => queries.invalidateQueries(),
  })
}
