interface PaperRow {
  key: string | number
  name: string
  dose: React.ReactNode
  how: string
  restSeconds: number
  sets: number
}

export interface PaperGroup {
  key: string | number
  /** Empty where the rows say it all. */
  title: string
  rule: string
  rows: PaperRow[]
}

/** Exercises on paper, with a box for each set. */
export function PaperTable({ groups }: { groups: PaperGroup[] }) {
  return (
    <table className="print-table">
      <thead>
        <tr>
          <th scope="col">Exercise</th>
          <th scope="col">Sets × dose</th>
          <th scope="col">How</th>
          <th scope="col">Rest</th>
          <th scope="col">Done</th>
        </tr>
      </thead>
      {groups.map((group) => (
        <tbody key={group.key}>
          {group.title !== '' && (
            <tr>
              <th scope="rowgroup" colSpan={5}>
                <span className="sentence inline-block">{group.title}</span>
                {group.rule !== '' && <span className="font-normal"> · {group.rule}</span>}
              </th>
            </tr>
          )}
          {group.rows.map((row) => (
            <tr key={row.key}>
              <th scope="row">{row.name}</th>
              <td className="whitespace-nowrap">{row.dose}</td>
              <td>{row.how}</td>
              <td className="whitespace-nowrap">{row.restSeconds > 0 ? `${row.restSeconds} s` : ''}</td>
              <td>
                <span className="flex gap-1" aria-hidden="true">
                  {Array.from({ length: row.sets }, (_, set) => (
                    <span key={set} className="print-box" />
                  ))}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      ))}
    </table>
  )
}

/** What stands under every sheet. */
export function PaperCaution() {
  return (
    <p className="mt-4 text-sm">
      Stop at pain. Leave the repetitions in reserve that were agreed; write down what was different. Loads are
      estimates for this shelf; cautions of each exercise stand in the application.
    </p>
  )
}
