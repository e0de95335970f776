/** True of a programme that runs or waits for its day: only one does. */
export const hasVisits = (state: string) => state === 'running' || state === 'waiting'

/** How a programme stands, in words. */
export const states: Record<string, string> = {
  proposed: 'proposed, not kept yet',
  draft: 'a draft: it does not run yet',
  waiting: 'started: it waits for its first day',
  running: 'running',
  ended: 'ended',
}
