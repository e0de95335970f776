import type { LedgerEntry } from '../../shared/api'
import { longDay } from '../../shared/lib/time'

/** Every logged set, newest day first; each number above comes from these. */
export function SetTable({ entries }: { entries: LedgerEntry[] }) {
  const days = new Map<string, LedgerEntry[]>()
  for (const entry of entries) {
    const day = entry.loggedAt.slice(0, 10)
    days.set(day, [...(days.get(day) ?? []), entry])
  }
  return (
    <>
      {[...days].map(([day, sets]) => (
        <section key={day} className="mb-6" aria-label={longDay(day)}>
          <h3 className="text-lg">{longDay(day)}</h3>
          <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={`Sets of ${longDay(day)}`}>
            <table className="ledger-table">
              <thead>
                <tr>
                  <th scope="col">Exercise and setting</th>
                  <th scope="col">Set</th>
                  <th scope="col">Done</th>
                  <th scope="col">In reserve</th>
                  <th scope="col">Equal to</th>
                  <th scope="col">Pain</th>
                </tr>
              </thead>
              <tbody>
                {sets.map((set) => (
                  <tr key={set.id}>
                    <td>
                      <strong>{set.exercise}</strong>
                      <span className="soft block text-sm">{set.words}</span>
                    </td>
                    <td>
                      {set.setNumber}
                      {set.side && <span className="soft"> {set.side}</span>}
                    </td>
                    <td className="whitespace-nowrap">
                      {set.reps === null ? (
                        <>
                          <strong>{set.seconds}</strong> s <span className="soft">uncounted</span>
                        </>
                      ) : (
                        <>
                          <strong>{set.reps}</strong> {set.isHold ? 's' : set.reps === 1 ? 'rep' : 'reps'}
                        </>
                      )}
                    </td>
                    <td>{set.reserve ?? <span className="soft">not said</span>}</td>
                    <td className="soft text-sm">{set.isHold ? 'a hold' : set.equivalent}</td>
                    <td>
                      {set.pain ? <span className="font-semibold text-error">{set.painNote || 'yes'}</span> : 'no'}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      ))}
    </>
  )
}
