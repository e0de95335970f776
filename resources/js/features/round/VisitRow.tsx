import { ArrowLeftRight, CalendarClock, Play, TriangleAlert } from 'lucide-react'
import { useRef, useState } from 'react'
import { Link } from 'react-router'
import type { Occasion, Visit } from '../../shared/api'
import { briefDay, timeOfDay } from '../../shared/lib/time'
import { Limits } from '../../shared/ui'
import { ChangeVisit } from './ChangeVisit'
import { useVisits } from './queries'

function sinceLast(days: number | null): string {
  if (days === null) return 'First session'
  if (days === 0) return 'Trained earlier today'
  return days === 1 ? '1 day since the last session' : `${days} days since the last session`
}

/** What may happen on the day; each leads to a plan anew. */
const happenings: { occasion: Occasion; label: string }[] = [
  { occasion: 'missing', label: 'Missing kit' },
  { occasion: 'less-time', label: 'Less time' },
  { occasion: 'sore', label: 'Sore' },
]

/** A visit that does not take place: who, when and why, and the way back. */
function Cancelled({ visit, takesFocus }: { visit: Visit; takesFocus: boolean }) {
  const { bringBack } = useVisits()
  return (
    <li className="grid items-baseline gap-x-6 gap-y-1 border-b-2 border-base-300 py-3 sm:grid-cols-[6.5rem_1fr_auto]">
      <p className="figure-number soft text-2xl line-through">{timeOfDay(visit.startsAt)}</p>
      <p>
        <Link to={`/clients/${visit.clientId}`} className="font-display text-xl font-semibold hover:underline">
          {visit.clientName}
        </Link>{' '}
        <span className="tag">Cancelled</span> {visit.why}
      </p>
      <button
        type="button"
        autoFocus={takesFocus}
        className="btn btn-outline btn-sm sm:w-60"
        disabled={bringBack.isPending}
        onClick={() => bringBack.mutate(visit)}
      >
        Bring the visit back
      </button>
    </li>
  )
}

/** Where a visit came from, where the plan has it otherwise. */
function Placed({ visit }: { visit: Visit }) {
  if (visit.movedFrom === null && !visit.isAdded && visit.overlaps.length === 0) return null
  return (
    <>
      {visit.movedFrom !== null && (
        <p className="mt-1">
          <span className="tag">Moved</span> from {briefDay(visit.movedFrom)}, {timeOfDay(visit.movedFrom)}
          {visit.why !== '' && `: ${visit.why}`}
        </p>
      )}
      {visit.isAdded && (
        <p className="mt-1">
          <span className="tag">Added</span> once more than the programme says
        </p>
      )}
      {visit.overlaps.length > 0 && (
        <p className="mt-1">
          <span className="tag look-here">Same time</span> {visit.overlaps.join('; ')}
        </p>
      )}
    </>
  )
}

/** What is good to know on the way there: what to bring, what changed, what was noted last. */
function OnTheWay({ visit: { bring, changes, lastNote } }: { visit: Visit }) {
  if (bring.length === 0 && changes.length === 0 && lastNote === '') return null
  return (
    <dl className="mt-2 grid gap-x-3 gap-y-1 sm:grid-cols-[max-content_1fr]">
      {bring.length > 0 && (
        <>
          <dt className="font-semibold">Bring</dt>
          <dd>{bring.join('; ')}</dd>
        </>
      )}
      {lastNote !== '' && (
        <>
          <dt className="font-semibold">Last note</dt>
          <dd>{lastNote}</dd>
        </>
      )}
      {changes.length > 0 && (
        <>
          <dt className="font-semibold">Since last time</dt>
          <dd>
            {changes[0]}
            {changes.length > 1 && (
              <details>
                <summary className="soft min-h-6 cursor-pointer text-sm">{changes.length - 1} more</summary>
                <ul>
                  {changes.slice(1).map((change) => (
                    <li key={change}>{change}</li>
                  ))}
                </ul>
              </details>
            )}
          </dd>
        </>
      )}
    </dl>
  )
}

export function VisitRow({ visit }: { visit: Visit }) {
  // Whoever cancels one, or brings one back, finds the way back under the next key.
  const [was, setWas] = useState(visit.isCancelled)
  const [hasTurned, setHasTurned] = useState(false)
  if (was !== visit.isCancelled) {
    setWas(visit.isCancelled)
    setHasTurned(true)
  }
  return visit.isCancelled ? (
    <Cancelled visit={visit} takesFocus={hasTurned} />
  ) : (
    <Standing visit={visit} takesFocus={hasTurned} />
  )
}

function Standing({ visit, takesFocus }: { visit: Visit; takesFocus: boolean }) {
  const [isChanging, setIsChanging] = useState(false)
  const opener = useRef<HTMLButtonElement>(null)
  const done = visit.state === 'done'
  const shut = () => {
    setIsChanging(false)
    opener.current?.focus()
  }
  return (
    <li className="grid gap-x-6 gap-y-2 border-b-2 border-base-300 py-5 sm:grid-cols-[6.5rem_1fr_auto]">
      <div className="flex items-baseline gap-3 sm:block">
        <p className="figure-number text-4xl">{timeOfDay(visit.startsAt)}</p>
        <p className="soft sm:mt-1">{visit.minutes} min</p>
      </div>
      <div className="min-w-0">
        <h2 className="text-2xl">
          <Link to={`/clients/${visit.clientId}`} className="hover:underline">
            {visit.clientName}
          </Link>
        </h2>
        <p className="soft">
          {visit.trade} · {visit.place}
        </p>
        <p className="mt-2">
          <strong>{visit.sessionName}:</strong> {visit.exercises.join(', ')}
        </p>
        <Placed visit={visit} />
        {!done && <OnTheWay visit={visit} />}
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <span className="tag">{done ? 'Done' : sinceLast(visit.daysSinceLast)}</span>
          <Limits limits={visit.limits} />
        </div>
        {visit.locks.map((lock) => (
          <p key={lock} className="font-semibold text-error">
            Locked: {lock}
          </p>
        ))}
        {visit.painNotes.map((note) => (
          <p key={note} className="mt-2 flex items-start gap-2 font-semibold text-error">
            <TriangleAlert className="mt-1 size-4 shrink-0" aria-hidden="true" />
            Pain: {note}
          </p>
        ))}
      </div>
      <div className="flex flex-col gap-2 sm:w-60">
        {visit.together !== null && !done && (
          <Link
            reloadDocument
            to={`/floor/${visit.sessionId}/with/${visit.together.sessionId}`}
            className="btn btn-outline"
          >
            Together with {visit.together.clientName.split(' ')[0]}
          </Link>
        )}
        <Link
          reloadDocument
          to={`/floor/${visit.sessionId}`}
          className={`btn btn-lg ${done ? 'btn-outline' : 'btn-primary'}`}
        >
          <Play className="size-5" aria-hidden="true" />
          {done ? 'Look at the Floor' : visit.state === 'running' ? 'Back to the Floor' : 'Open the Floor'}
        </Link>
        {visit.swapsNeeded > 0 && (
          <Link to={`/swap/${visit.firstSwapItemId ?? 0}`} className="btn btn-accent">
            <ArrowLeftRight className="size-5" aria-hidden="true" />
            {visit.swapsNeeded === 1 ? '1 exercise needs a swap' : `${visit.swapsNeeded} exercises need a swap`}
          </Link>
        )}
        {!done && (
          <nav aria-label={`Change today’s session for ${visit.clientName}`} className="grid grid-cols-3 gap-1.5">
            {happenings.map(({ occasion, label }) => (
              <Link
                key={occasion}
                to={`/replan/${visit.sessionId}?for=${occasion}`}
                className="btn btn-outline btn-sm px-1 font-semibold"
              >
                {label}
              </Link>
            ))}
          </nav>
        )}
        {visit.state === 'planned' && (
          <button
            ref={opener}
            type="button"
            autoFocus={takesFocus}
            className="btn btn-ghost btn-sm"
            aria-expanded={isChanging}
            onClick={() => setIsChanging(!isChanging)}
          >
            <CalendarClock className="size-4" aria-hidden="true" /> Move or cancel
          </button>
        )}
        <p className="soft text-center text-sm">
          {done ? 'Done: ' : ''}
          {visit.setsLogged} of {visit.setsPlanned} sets logged
        </p>
      </div>
      {isChanging && <ChangeVisit visit={visit} onDone={shut} />}
    </li>
  )
}
