import type { PlannedItem, Programme } from '../../shared/api'

const work = (programme: Programme, week: number): Map<string, PlannedItem> =>
  new Map(
    (programme.weeks[week]?.sessions ?? []).flatMap((session) =>
      session.blocks.flatMap((block) => block.items.map((item): [string, PlannedItem] => [item.thread, item])),
    ),
  )

/** Every exercise through the weeks: what is asked, and where it steps to another rung. A forecast, and called so. */
export function Forward({ programme }: { programme: Programme }) {
  const weeks = programme.weeks.map((_, i) => work(programme, i))
  const first = programme.weeks[0]
  if (!first || weeks.length < 2) return null
  return (
    <section aria-label="Forward" className="mt-10 min-w-0">
      <h3 className="text-lg">
        Forward <span className="soft text-base">· a forecast; what is logged rewrites it</span>
      </h3>
      <div className="mt-2 overflow-x-auto" tabIndex={0} role="group" aria-label="Week by week">
        <table className="forward text-sm">
          <thead>
            <tr>
              <th scope="col" className="text-left">
                Exercise
              </th>
              {programme.weeks.map((week) => (
                <th key={week.number} scope="col">
                  {week.number}
                  {week.kind === 'deload' && <span className="soft block text-xs font-normal">lighter</span>}
                </th>
              ))}
            </tr>
          </thead>
          {first.sessions.map((session) => (
            <tbody key={session.weekday}>
              <tr>
                <th scope="rowgroup" colSpan={weeks.length + 1} className="pt-3 text-left">
                  {session.day}
                </th>
              </tr>
              {session.blocks
                .filter((block) => block.kind !== 'warm-up' && block.kind !== 'cool-down')
                .flatMap((block) => block.items)
                .map((item) => (
                  <tr key={item.thread}>
                    <th scope="row" className="pr-3 text-left font-normal">
                      {item.name}
                    </th>
                    {weeks.map((week, i) => {
                      const now = week.get(item.thread)
                      const before = weeks[i - 1]?.get(item.thread)
                      const isStep = before !== undefined && now !== undefined && before.words !== now.words
                      return (
                        <td
                          key={i}
                          className={isStep ? 'look-here' : ''}
                          title={isStep ? (now.words ?? '') : undefined}
                        >
                          {now?.short ?? '–'}
                          {isStep && <span className="sr-only">, new rung: {now.words}</span>}
                        </td>
                      )
                    })}
                  </tr>
                ))}
            </tbody>
          ))}
        </table>
      </div>
      <p className="soft mt-1 text-sm">A marked week steps to a new rung.</p>
    </section>
  )
}
