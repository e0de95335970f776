import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { briefDay } from '../../shared/lib/time'
import { editsOptions } from './queries'

/** Shown at once, and at most. */
const first = 2
const most = 20

/** What was changed since it was kept, by hand or because of what was logged, and why. */
export function Changes({ clientId, programmeId }: { clientId: number; programmeId: number }) {
  const edits = useQuery(editsOptions(programmeId))
  const [isAll, setIsAll] = useState(false)
  if (!edits.data || edits.data.length === 0) return null
  return (
    <section aria-label="Changes">
      <h3 className="text-lg">Changes</h3>
      <ol className="mt-1 space-y-1 text-sm">
        {edits.data.slice(0, isAll ? most : first).map((edit) => (
          <li key={edit.id} className="border-b border-base-300 pb-1">
            <Link className="link" to={`/clients/${clientId}/programme/${programmeId}/week/${edit.week}`}>
              Week {edit.week}
            </Link>
            <span className="soft">
              {' '}
              · {briefDay(edit.at)}
              {edit.isUndone && ', undone'}
            </span>
            <span className={`block ${edit.isUndone ? 'line-through' : ''}`}>{edit.words}</span>
          </li>
        ))}
      </ol>
      {!isAll && edits.data.length > first && (
        <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => setIsAll(true)}>
          Earlier ones
        </button>
      )}
    </section>
  )
}
