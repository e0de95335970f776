import type { QueryFunctionContext } from '@tanstack/react-query'
import { api, ApiError, lastChangeAt } from '../../shared/api'
import { keepAnswer, keptAnswer } from './device/store'
import { lastTrainer } from './device/trainer'

export const cannotReach = (error: unknown) => error instanceof ApiError && (error.status === 0 || error.status >= 500)
export const mayHaveRunOut = (error: unknown) => error instanceof ApiError && error.status === 401

/** How long an answer is waited for before what the device kept is shown meanwhile. */
const patienceMs = 3000

/** Changes that follow each other quicker than answers come are not run after for ever. */
const mostAgain = 3

/** An answer, and of when it is. */
export type Asked<T> = T & {
  /** When it was asked for: what happened since may not be in it. Milliseconds since 1970. */
  asOf?: number
  /** True of what this device kept: shown until the true answer comes, and never in its place. */
  isKept?: boolean
}

/**
 * Fetched, and kept on this device for when it cannot be.
 *
 * What was kept is only ever shown where nothing else is known yet, and says that it is (`isKept`): the question ends in
 * the true answer or in an error, never in what was kept. While an answer may still come, nothing is shown that is older
 * than a change made on this device.
 */
export async function fetched<T extends object>(
  { client, queryKey }: Pick<QueryFunctionContext, 'client' | 'queryKey'>,
  path: string,
): Promise<Asked<T>> {
  const trainer = lastTrainer()
  let at = Date.now()
  let isAnswered = false
  const showKept = async (notBefore: number) => {
    if (trainer === null || client.getQueryData(queryKey) !== undefined) return
    const kept = await keptAnswer<T>(trainer, path).catch(() => null)
    if (kept === null || kept.at < notBefore || isAnswered || client.getQueryData(queryKey) !== undefined) return
    client.setQueryData<Asked<T>>(
      queryKey,
      { ...kept.answer, asOf: kept.at, isKept: true },
      // As old as it is: whoever asks next asks the application.
      { updatedAt: kept.at },
    )
  }
  const patience = setTimeout(() => void showKept(lastChangeAt()), patienceMs)
  try {
    let answer = await api.get<T>(path)
    // What was changed here while it was on its way may not be in it, and whoever asked because of that change waits for
    // this very answer: it is asked for once more.
    for (let again = 0; again < mostAgain && at < lastChangeAt(); again++) {
      at = Date.now()
      answer = await api.get<T>(path)
    }
    isAnswered = true
    // Whose device this is may have become known meanwhile; somebody else’s it has not become.
    const owner = lastTrainer()
    if (owner !== null && (trainer === null || trainer === owner)) {
      keepAnswer(owner, path, answer, at).catch(() => undefined)
    }
    return { ...answer, asOf: at }
  } catch (error) {
    // A sign-in that ran out in the middle of a session takes nothing away; the page asks for it again.
    if (cannotReach(error) || mayHaveRunOut(error)) await showKept(0)
    throw error
  } finally {
    clearTimeout(patience)
  }
}
