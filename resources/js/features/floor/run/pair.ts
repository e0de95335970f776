import { restLeftMs, type Run } from './run'

export type Who = 0 | 1

/**
 * Whose turn it is of two who share one kit: who works goes on; then the other one's set comes, unless they are through;
 * where nobody has begun, the first.
 *
 * @param shown Who is looked at now; stays where both work.
 */
export function whoseTurn(runs: readonly [Run, Run], shown: Who): Who {
  const works = (who: Who) => runs[who].phase === 'work'
  if (works(0) !== works(1)) return works(0) ? 0 : 1
  if (works(0)) return shown
  const isThrough = (who: Who) => runs[who].phase === 'through'
  if (isThrough(0) !== isThrough(1)) return isThrough(0) ? 1 : 0
  const lastAt = (who: Who) => runs[who].lastDone?.at ?? -1
  if (lastAt(0) === lastAt(1)) return 0
  return lastAt(0) > lastAt(1) ? 1 : 0
}

/** Seconds until somebody may begin; 0 where they may now. */
export const secondsUntilReady = (run: Run, now: number): number =>
  run.phase === 'rest' ? Math.max(0, Math.ceil(restLeftMs(run, now) / 1000)) : 0
