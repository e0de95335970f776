import { ArrowLeftRight, Shuffle, Undo2 } from 'lucide-react'
import { Link } from 'react-router'
import type { Session } from '../../shared/api'
import { countOf } from '../../shared/lib/counts'
import { useKeys } from '../../shared/lib/useKeys'
import { Locks } from '../../shared/ui'
import { readyBell } from './bell'
import { FloorHead } from './FloorHead'
import { eventOf } from './events'
import { happen } from './outbox'
import { usePutBack } from './queries'

/** What to have within reach, and what still needs a swap, before the clock starts. */
export function Before({ session }: { session: Session }) {
  const putBack = usePutBack()
  const start = () => {
    if (session.locks.length > 0) return
    readyBell()
    happen(eventOf(session, 'started', new Date()))
  }
  useKeys({ ' ': start })
  const items = session.blocks.flatMap((block) => block.items)
  const open = items.filter((item) => !item.servable)
  return (
    <>
      <FloorHead session={session} />
      <div className="grid gap-8 py-6 lg:grid-cols-[1fr_1.4fr]">
        <section>
          <h1 className="text-3xl">Lay out first</h1>
          {session.layOut.length === 0 ? (
            <p className="mt-2 text-lg">Nothing but clear floor.</p>
          ) : (
            <ul className="mt-3 text-2xl">
              {session.layOut.map((thing) => (
                <li key={thing} className="border-b border-base-300 py-2">
                  {thing}
                </li>
              ))}
            </ul>
          )}
          {session.clashes.map((clash) => (
            <p key={clash} className="mt-3 leading-snug">
              <span className="tag look-here">two set-ups</span> {clash}
            </p>
          ))}
          <p className="mt-4">
            Within reach from the floor, water near, watch off for racked bells. Pets and children clear.
          </p>
          <p className="mt-2">
            Stop for pain in the chest or a joint, dizziness or unusual breathlessness; tiredness asks for a longer
            rest.
          </p>
        </section>
        <section>
          <div className="flex items-baseline justify-between gap-4">
            <h2 className="text-xl">Today</h2>
            <Link to={`/replan/${session.id}`} className="btn btn-sm btn-ghost">
              <Shuffle className="size-4" aria-hidden="true" /> Plan anew
            </Link>
          </div>
          <p className="soft mt-1">
            About {session.takesMinutes} min of sets, rests and changes in a visit of {session.minutes}
            {session.positionChanges > 0 &&
              ` · down to the floor or up ${session.positionChanges === 1 ? 'once' : `${session.positionChanges} times`}`}
          </p>
          <ol className="mt-2">
            {items.map((item) => (
              <li key={item.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-3">
                <span className="min-w-52 grow">
                  <span className="font-display text-lg font-semibold">{item.name}</span>
                  {item.leftOut === null ? (
                    <>
                      <span className="sentence block leading-snug">{item.words}</span>
                      <span className="soft block text-sm">
                        {item.sets} × {countOf(item)}
                        {item.tempo && ` · ${item.tempo}`}
                      </span>
                      {item.swappedFrom && <span className="soft block text-sm">instead of {item.swappedFrom}</span>}
                    </>
                  ) : (
                    <span className="block leading-snug">
                      <span className="tag look-here">left out</span> {item.leftOut}
                    </span>
                  )}
                </span>
                {item.leftOut !== null && (
                  <button
                    type="button"
                    className="btn btn-sm btn-outline"
                    disabled={putBack.isPending}
                    onClick={() => putBack.mutate(item.id)}
                  >
                    <Undo2 className="size-4" aria-hidden="true" /> Put back
                  </button>
                )}
                {!item.servable && (
                  <Link to={`/swap/${item.id}`} className="btn btn-sm btn-accent">
                    <ArrowLeftRight className="size-4" aria-hidden="true" /> Swap
                  </Link>
                )}
              </li>
            ))}
          </ol>
          {open.length > 0 && (
            <p className="mt-3 font-semibold">
              {open.length === 1 ? 'One exercise cannot' : `${open.length} exercises cannot`} be done as written with
              what is here. Swap first, or skip on the way.
            </p>
          )}
          <Locks locks={session.locks} clientId={session.clientId} />
          <button
            type="button"
            className="btn btn-primary btn-lg mt-5 h-16 w-full text-xl"
            onClick={start}
            disabled={session.locks.length > 0}
          >
            Start the session
          </button>
        </section>
      </div>
    </>
  )
}
