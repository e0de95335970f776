import { queryOptions, useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { useEffect, useMemo } from 'react'
import { api, ApiError, type Alternatives, type Round, type Session } from '../../shared/api'
import { meOptions } from '../sign-in/queries'
import { onKept, openOutbox, useOutbox, useOutboxOwner } from './device/outbox'
import { dropAnswers, keepAnswer, keptAnswer } from './device/store'
import { lastTrainer, rememberTrainer } from './device/trainer'
import { say } from './messages'
import { withEvents } from './run/overlay'

const daysKept = 3
const patienceMs = 3000

const cannotReach = (error: unknown) => error instanceof ApiError && (error.status === 0 || error.status >= 500)
const mayHaveRunOut = (error: unknown) => error instanceof ApiError && error.status === 401

/** What this device kept of an answer, after a while; never where it kept none. */
function keptAfter<T>(path: string, trainer: number, ms: number): Promise<T> {
  return new Promise((resolve) => {
    setTimeout(() => {
      keptAnswer<T>(trainer, path)
        .then((kept) => kept !== null && resolve(kept))
        .catch(() => undefined)
    }, ms)
  })
}

/** Fetched, and kept on this device for when it cannot be; a network that does not answer is not waited for for long. */
async function fetched<T>(path: string): Promise<T> {
  const trainer = lastTrainer()
  if (trainer === null) return api.get<T>(path)
  const asked = api.get<T>(path).then((answer) => {
    keepAnswer(trainer, path, answer, Date.now()).catch(() => undefined)
    return answer
  })
  try {
    return await Promise.race([asked, keptAfter<T>(path, trainer, patienceMs)])
  } catch (error) {
    // A sign-in that ran out in the middle of a session takes nothing away; the page asks for it again.
    const kept =
      cannotReach(error) || mayHaveRunOut(error) ? await keptAnswer<T>(trainer, path).catch(() => null) : null
    if (kept === null) throw error
    return kept
  }
}

export const sessionOptions = (sessionId: number) =>
  queryOptions({
    queryKey: ['sessions', sessionId],
    queryFn: () => fetched<Session>(`sessions/${sessionId}`),
    staleTime: 0,
    networkMode: 'always',
    retry: false,
  })

/** What may take the place of each exercise. */
export const alternativesOptions = (sessionId: number) =>
  queryOptions({
    queryKey: ['sessions', sessionId, 'alternatives'],
    queryFn: () => fetched<Alternatives>(`sessions/${sessionId}/alternatives`),
    staleTime: 60_000,
    networkMode: 'always',
    retry: false,
  })

/** Today's visits, also where there is no network. */
export const keptRound = (date: string) => fetched<Round>(date === '' ? 'round' : `round?date=${date}`)

/** The trainer whose Floor this is: who is signed in, or who was where nobody can be asked. */
export function useOwnOutbox() {
  const me = useQuery(meOptions)
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
  const { waiting } = useOutbox()
  useEffect(
    () =>
      onKept((kept) => {
        // What the application has stays on the screen while it is asked again.
        queries.setQueryData<Session>(['sessions', sessionId], (known) => known && withEvents(known, kept))
        void queries.invalidateQueries({
          predicate: ({ queryKey }) =>
            ['clients', 'round'].includes(String(queryKey[0])) ||
            (queryKey[0] === 'sessions' && queryKey.length === 2) ||
            (kept.some((event) => event.kind === 'swapped' || event.kind === 'taken-up') && queryKey[0] === 'sessions'),
        })
      }),
    [queries, sessionId],
  )
  const known = session.data
  const data = useMemo(() => known && withEvents(known, waiting), [known, waiting])
  return { ...session, data }
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

/** Keeps on this device what two days of visits need, one after the other and without haste. */
export async function packDays(queries: QueryClient, today: Round): Promise<void> {
  const trainer = lastTrainer()
  if (trainer === null) return
  await dropAnswers(trainer, Date.now() - daysKept * 86_400_000)
  const tomorrow = await keptRound(today.tomorrow)
  for (const visit of [...today.visits, ...tomorrow.visits]) {
    if (visit.state === 'done') continue
    await queries.fetchQuery({ ...sessionOptions(visit.sessionId), staleTime: 60_000 })
    await queries.fetchQuery({ ...alternativesOptions(visit.sessionId), staleTime: 300_000 })
  }
}
