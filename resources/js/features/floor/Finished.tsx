import { Link } from 'react-router'
import type { Session } from '../../shared/api'
import { FloorHead } from './FloorHead'
import { eventOf } from './events'
import { happen } from './outbox'

export function Finished({ session }: { session: Session }) {
  const items = session.blocks.flatMap((block) => block.items)
  return (
    <>
      <FloorHead session={session} />
      <section className="mx-auto max-w-2xl py-8">
        <h1 className="text-4xl">Done for today</h1>
        <ul className="mt-4">
          {items.map((item) => (
            <li key={item.id} className="flex justify-between gap-4 border-b border-base-300 py-3 text-lg">
              <span>
                <strong>{item.name}</strong>
                <span className="soft block text-sm">{item.words}</span>
              </span>
              <span className="text-right font-semibold">
                {item.setLogs.length === 0
                  ? 'left out'
                  : item.setLogs.map((log) => `${log.reps}${item.isHold ? ' s' : ''}`).join(' · ')}
              </span>
            </li>
          ))}
        </ul>
        <div className="mt-6 flex flex-wrap gap-3">
          <Link to={`/clients/${session.clientId}/ledger`} className="btn btn-primary btn-lg">
            See it in the Ledger
          </Link>
          <button
            type="button"
            className="btn btn-outline btn-lg"
            onClick={() => happen(eventOf(session, 'resumed', new Date()))}
          >
            Go on with the session
          </button>
        </div>
      </section>
    </>
  )
}
