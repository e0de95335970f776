import type { PlannedItem, PlannedSession, PlannedWeek, Programme } from '../../shared/api'

const isFrame = (kind: string) => kind === 'warm-up' || kind === 'cool-down'

const workOf = (session: PlannedSession): PlannedItem[] =>
  session.blocks.filter((block) => !isFrame(block.kind)).flatMap((block) => block.items)

/** By day and thread. */
const work = (week: PlannedWeek): Map<string, PlannedItem> =>
  new Map(
    week.sessions.flatMap((session) =>
      workOf(session).map((item): [string, PlannedItem] => [`${session.weekday}/${item.thread}`, item]),
    ),
  )

/** Every thread of each day, also one that begins in a later week; an exercise that took another's place is named by the last. */
function threadsByDay(weeks: PlannedWeek[]) {
  const days = new Map<number, { weekday: number; day: string; threads: Map<string, string> }>()
  for (const session of weeks.flatMap((week) => week.sessions)) {
    const { weekday, day } = session
    const known = days.get(weekday) ?? { weekday, day, threads: new Map<string, string>() }
    for (const item of workOf(session)) known.threads.set(item.thread, item.name)
    days.set(weekday, known)
  }
  return [...days.values()].sort((one, other) => one.weekday - other.weekday)
}

/** Every exercise through the weeks: what is asked, and where it steps to another rung. A forecast, and called so. */
export function Forward({ programme }: { programme: Programme }) {
  // Of what runs, what lies behind is in the Ledger; one week back says what it comes from.
  const shown = programme.weeks.filter((week) => week.number >= programme.week - 1)
  const weeks = shown.map(work)
  if (weeks.length < 2) return null
  return (
    <section aria-label="Forward" className="mt-6 min-w-0">
      <details>
        <summary className="cursor-pointer">
          <h3 className="inline text-lg">Every exercise, week by week, as a table</h3>
        </summary>
        <div className="mt-2 overflow-x-auto" tabIndex={0} role="group" aria-label="Week by week">
          <table className="forward text-sm">
            <thead>
              <tr>
                <th scope="col" className="text-left">
                  Exercise
                </th>
                {shown.map((week) => (
                  <th key={week.number} scope="col">
                    {week.number}
                    {week.kind === 'deload' && <span className="soft block text-xs font-normal">lighter</span>}
                    {programme.state === 'running' && week.number === programme.week && (
                      <span className="soft block text-xs font-normal">now</span>
                    )}
                  </th>
                ))}
              </tr>
            </thead>
            {threadsByDay(shown).map(({ weekday, day, threads }) => (
              <tbody key={weekday}>
                <tr>
                  <th scope="rowgroup" colSpan={weeks.length + 1} className="pt-3 text-left">
                    {day}
                  </th>
                </tr>
                {[...threads].map(([thread, name]) => (
                  <tr key={thread}>
                    <th scope="row" className="pr-3 text-left font-normal">
                      {name}
                    </th>
                    {weeks.map((week, i) => {
                      const now = week.get(`${weekday}/${thread}`)
                      const before = weeks[i - 1]?.get(`${weekday}/${thread}`)
                      const isStep = before !== undefined && now !== undefined && before.words !== now.words
                      return (
                        <td
                          key={i}
                          className={isStep ? 'look-here' : ''}
                          title={isStep ? (now.words ?? '') : undefined}
                        >
                          {now?.short ?? '–'}
                          {isStep && <span className="sr-only">, new setting: {now.words}</span>}
                        </td>
                      )
                    })}
                  </tr>
                ))}
              </tbody>
            ))}
          </table>
        </div>
        <p className="soft mt-1 text-sm">A marked week has a new setting.</p>
      </details>
    </section>
  )
}
