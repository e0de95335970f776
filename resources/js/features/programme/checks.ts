import type { WeekCheck } from '../../shared/api'

/** The same check on several days, as one row: said once, with each day’s words under it. */
export interface CheckGroup {
  name: string
  verdict: string
  wanted: string
  days: { weekday: number | null; words: string; value: string }[]
}

/** Checks of one name and one verdict stand together, in the order of the first of each. */
export function grouped(checks: WeekCheck[]): CheckGroup[] {
  const groups = new Map<string, CheckGroup>()
  for (const { name, verdict, wanted, weekday, words, value } of checks) {
    const key = `${verdict} ${name} ${wanted}`
    const known = groups.get(key) ?? { name, verdict, wanted, days: [] }
    if (!known.days.some((day) => day.weekday === weekday && day.words === words)) {
      known.days.push({ weekday, words, value })
    }
    groups.set(key, known)
  }
  return [...groups.values()]
}
