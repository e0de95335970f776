import type { PlannedSession } from '../../shared/api'

/** What is said of so many exercises is said once, for all of them. */
const saidOften = 3

/** The reason that most exercises of a week share; empty where none is shared by many. */
export function commonReason(sessions: PlannedSession[]): string {
  const counts = new Map<string, number>()
  for (const { why } of sessions.flatMap((session) => session.blocks).flatMap((block) => block.items)) {
    if (why !== '') counts.set(why, (counts.get(why) ?? 0) + 1)
  }
  const [most] = [...counts].sort(([, one], [, other]) => other - one)
  return most !== undefined && most[1] >= saidOften ? most[0] : ''
}
