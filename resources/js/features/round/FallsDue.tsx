import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Due } from '../../shared/api'
import { briefDay } from '../../shared/lib/time'
import { dueOptions } from './queries'

const shownFirst = 5

function Row({ due }: { due: Due }) {
  return (
    <li className="grid grid-cols-[6.5rem_1fr] items-baseline gap-x-6 border-b border-base-300 py-1.5">
      <span className={due.isOver ? 'font-semibold' : 'soft'}>{briefDay(due.on)}</span>
      <span>
        <Link
          to={`/clients/${due.clientId}/${due.place}`}
          className="inline-block min-h-6 font-semibold hover:underline"
        >
          {due.clientName}
        </Link>{' '}
        {due.what} {due.isOver && <span className="tag look-here">over</span>}
      </span>
    </li>
  )
}

/** One list of what falls due over the next three weeks, with the way to where it is dealt with. */
export function FallsDue() {
  const due = useQuery(dueOptions)
  if (due.data === undefined || due.data.length === 0) return null
  const [first, rest] = [due.data.slice(0, shownFirst), due.data.slice(shownFirst)]
  return (
    <section className="no-print mt-8 max-w-3xl" aria-label="Falls due">
      <h2 className="text-xl">Falls due</h2>
      <p className="soft text-sm">Over the next three weeks; what is over stands first.</p>
      <ul className="mt-2">
        {first.map((one) => (
          <Row key={`${one.clientId} ${one.kind} ${one.what}`} due={one} />
        ))}
      </ul>
      {rest.length > 0 && (
        <details>
          <summary className="cursor-pointer py-1.5 font-semibold">{rest.length} more</summary>
          <ul>
            {rest.map((one) => (
              <Row key={`${one.clientId} ${one.kind} ${one.what}`} due={one} />
            ))}
          </ul>
        </details>
      )}
    </section>
  )
}
