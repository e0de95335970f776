import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo } from 'react'
import { api, type Alternatives, type Round, type Session, type Together } from '../../shared/api'
import { meOptions } from '../sign-in/queries'
import { onKept, openOutbox, useOutbox, useOutboxOwner } from './device/outbox'
import { lastTrainer, rememberTrainer } from './device/trainer'
import { cannotReach, fetched, mayHaveRunOut } from './fetched'
import { say } from './messages'
import { withEvents } from './run/overlay'

export const sessionOptions = (sessionId: number) =>
  queryOptions({
    queryKey: ['sessions', sessionId],
    queryFn: (asked) => fetched<Session>(asked, `sessions/${sessionId}`),
    staleTime: 0,
    networkMode: 'always',
    retry: false,
  })

/** What may take the place of each exercise. */
export const alternativesOptions = (sessionId: number) =>
  queryOptions({
    queryKey: ['sessions', sessionId, 'alternatives'],
    queryFn: (asked) => fetched<Alternatives>(asked, `sessions/${sessionId}/alternatives`),
    staleTime: 60_000,
    networkMode: 'always',
    retry: false,
  })

/** Two sessions in turns: how long, and what is in both hands. */
export const togetherOptions = (first: number, second: number) =>
  queryOptions({
    queryKey: ['sessions', first, 'together', second],
    queryFn: (asked) => fetched<Together>(asked, `sessions/${first}/together/${second}`),
    networkMode: 'always',
    retry: false,
  })

/** One day’s visits, also where there is no network; an empty date means today. */
export const roundOptions = (date: string) =>
  queryOptions({
    queryKey: ['round', date],
    queryFn: (asked) => fetched<Round>(asked, date === '' ? 'round' : `round?date=${date}`),
    networkMode: 'always',
  })

/** The trainer whose Floor this is: who is signed in, or who was where nobody can be asked. */
export function useOwnOutbox() {
  // Where it is known whose device this is, nobody waits for a network that is not there.
  const me = useQuery({ ...meOptions, ...(lastTrainer() !== null && { retry: false }) })
  const signedIn = me.data?.id
  const trainer = signedIn ?? (cannotReach(me.error) || mayHaveRunOut(me.error) ? lastTrainer() : null)
  useEffect(() => {
    if (signedIn !== undefined) rememberTrainer(signedIn)
    if (trainer !== null) void openOutbox(trainer)
  }, [trainer, signedIn])
  return { ...me, trainer }
}

export function useAlternatives(sessionId: number) {
  return useQuery(alternativesOptions(sessionId)).data ?? null
}

/** The session as it stands on this device, with what has not been sent yet. */
export function useSession(sessionId: number) {
  const queries = useQueryClient()
  const owner = useOutboxOwner()
  const session = useQuery({
    ...sessionOptions(sessionId),
    enabled: owner !== null,
    refetchOnWindowFocus: false,
    // Another device may run it too.
    refetchInterval: (query) => (query.state.data?.state === 'running' ? 20_000 : false),
  })
  const box = useOutbox()
  useEffect(
    () =>
      onKept((kept) => {
        const hasSwapped = kept.some((event) => event.kind === 'swapped' || event.kind === 'taken-up')
        void queries.invalidateQueries({
          predicate: ({ queryKey }) =>
            ['clients', 'round'].includes(String(queryKey[0])) ||
            (queryKey[0] === 'sessions' && (queryKey.length === 2 || hasSwapped)),
        })
      }),
    [queries],
  )
  const known = session.data
  const data = useMemo(() => {
    if (known === undefined) return undefined
    // What the application took after this was asked for may not be in it: until it is, it stays on the screen.
    const since = box.sent.filter(({ at }) => at >= (known.asOf ?? 0)).map(({ event }) => event)
    return withEvents(known, [...since, ...box.waiting])
  }, [known, box.sent, box.waiting])
  return { ...session, data, asked: session }
}

/** Puts an item back as the programme wrote it. */
export function usePutBack() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (itemId: number) => api.delete<unknown>(`items/${itemId}/swaps`),
    onSuccess: () => queries.invalidateQueries(),
    onError: (error) => say(error.message),
  })
}
