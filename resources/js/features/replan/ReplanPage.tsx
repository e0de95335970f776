import { useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { toast } from 'sonner'
import type { Occasion, Replan, Session } from '../../shared/api'
import { handOver } from '../../shared/lib/handOver'
import { useKeys } from '../../shared/lib/useKeys'
import { useSettled } from '../../shared/lib/useSettled'
import { Loading, Locks, PageTitle, Problem, Stop } from '../../shared/ui'
import { AsOf, sessionOptions } from '../floor'
import { shelfOptions } from '../shelf'
import { ChangeRow } from './ChangeRow'
import { replanOptions, useApplyReplan, type Happened } from './queries'

const occasions: { value: Occasion; label: string }[] = [
  { value: 'missing', label: 'Something is missing' },
  { value: 'less-time', label: 'There is less time' },
  { value: 'sore', label: 'Something is sore' },
]

const parts: Record<string, string> = {
  shoulder: 'Shoulder',
  elbow: 'Elbow',
  wrist: 'Wrist or hand',
  'low-back': 'Low back',
  hip: 'Hip',
  knee: 'Knee',
  ankle: 'Ankle or foot',
}

const usualMinutes = [10, 15, 20, 30]

/** Plans a session anew on the day: what happened, then every change in one list to look through. */
export function ReplanPage() {
  const session = useQuery(sessionOptions(Number(useParams().sessionId)))
  if (session.isPending) return <Loading what="the session" />
  if (session.data === undefined) return <Problem isPage error={session.error} onRetry={() => void session.refetch()} />
  return (
    <>
      <AsOf of={session} />
      <Planner key={session.data.id} session={session.data} />
    </>
  )
}

function Planner({ session }: { session: Session }) {
  const [search, setSearch] = useSearchParams()
  const occasion = occasions.find(({ value }) => value === search.get('for'))?.value ?? 'missing'
  const [thingIds, setThingIds] = useState<number[]>([])
  const [minutes, setMinutes] = useState(20)
  // The Floor knows already what is sore.
  const asked = search.get('part')
  const [part, setPart] = useState<string | null>(asked !== null && asked in parts ? asked : null)
  const [declined, setDeclined] = useState<number[]>([])
  const shelf = useQuery(shelfOptions(session.clientId))
  const settledMinutes = useSettled(minutes, 300)
  const happened: Happened | null =
    occasion === 'missing'
      ? thingIds.length > 0
        ? { occasion, thingIds }
        : null
      : occasion === 'less-time'
        ? settledMinutes >= 5 && settledMinutes <= 180
          ? { occasion, minutes: settledMinutes }
          : null
        : part !== null
          ? { occasion, part }
          : null
  const replan = useQuery(replanOptions(session.id, happened))
  const pick = (to: Occasion) => {
    setSearch({ for: to }, { replace: true })
    setDeclined([])
  }

  return (
    <>
      <Link to="/" className="btn btn-sm btn-ghost -ml-3">
        <ArrowLeft className="size-4" aria-hidden="true" /> Round
      </Link>
      <p className="soft mt-2">
        {session.clientName} · {session.name}
      </p>
      <PageTitle title={`Change today’s session · ${session.clientName}`} className="text-3xl">
        Change today’s session
      </PageTitle>
      <div role="radiogroup" aria-label="What happened" className="mt-4 flex flex-wrap gap-2">
        {occasions.map(({ value, label }) => (
          <Stop
            key={value}
            type="radio"
            name="occasion"
            large
            checked={occasion === value}
            onChange={() => pick(value)}
          >
            {label}
          </Stop>
        ))}
      </div>
      <div className="mt-4">
        {occasion === 'missing' && (
          <fieldset>
            <legend className="soft text-sm">What is not there today?</legend>
            {shelf.isError && <Problem error={shelf.error} onRetry={() => void shelf.refetch()} />}
            {shelf.data?.items.length === 0 && <p>The shelf is empty already.</p>}
            <div className="mt-1 flex flex-wrap gap-2">
              {shelf.data?.items.map((thing) => (
                <Stop
                  key={thing.id}
                  type="checkbox"
                  checked={thingIds.includes(thing.id)}
                  onChange={(yes) =>
                    setThingIds(yes ? [...thingIds, thing.id] : thingIds.filter((id) => id !== thing.id))
                  }
                >
                  {thing.name}
                </Stop>
              ))}
            </div>
          </fieldset>
        )}
        {occasion === 'less-time' && (
          <div className="flex flex-wrap items-end gap-2">
            {usualMinutes.map((usual) => (
              <Stop
                key={usual}
                type="radio"
                name="minutes"
                checked={minutes === usual}
                onChange={() => setMinutes(usual)}
              >
                {usual} min
              </Stop>
            ))}
            <label className="flex items-center gap-2">
              <span className="soft text-sm">or</span>
              <input
                type="number"
                className="input w-24"
                aria-label="Minutes there are"
                min={5}
                max={180}
                value={minutes}
                onChange={(event) => setMinutes(Number(event.target.value))}
              />
              min
            </label>
            {(minutes < 5 || minutes > 180) && (
              <p role="alert" className="w-full font-semibold text-error">
                Between 5 and 180 minutes.
              </p>
            )}
          </div>
        )}
        {occasion === 'sore' && (
          <fieldset>
            <legend className="soft text-sm">What is sore?</legend>
            <div className="mt-1 flex flex-wrap gap-2">
              {Object.entries(parts).map(([value, label]) => (
                <Stop key={value} type="radio" name="part" checked={part === value} onChange={() => setPart(value)}>
                  {label}
                </Stop>
              ))}
            </div>
            <p className="caution caution-look mt-3 max-w-3xl">
              Sharp pain, swelling, numbness, or pain that travels is not soreness: no training of it, and ask a
              clinician first. This spares the part for today; it does not treat it.
            </p>
          </fieldset>
        )}
      </div>
      {happened === null ? null : replan.isPending ? (
        <Loading what="another plan" />
      ) : replan.isError ? (
        <Problem error={replan.error} onRetry={() => void replan.refetch()} />
      ) : (
        <Review
          replan={replan.data}
          happened={happened}
          stale={replan.isPlaceholderData}
          declined={declined}
          onDecline={setDeclined}
        />
      )}
    </>
  )
}

interface ReviewProps {
  replan: Replan
  happened: Happened
  stale: boolean
  /** Items whose change is not wanted. */
  declined: number[]
  onDecline: (itemIds: number[]) => void
}

function Review({ replan, happened, stale, declined, onDecline }: ReviewProps) {
  const apply = useApplyReplan(replan.sessionId)
  const changes = replan.changes.filter((change) => change.kind !== 'stays')
  const stays = replan.changes.filter((change) => change.kind === 'stays')
  const accepted = changes.map((change) => change.itemId).filter((id) => !declined.includes(id))
  const go = () => {
    if (accepted.length === 0 || apply.isPending || stale || replan.locks.length > 0) return
    apply.mutate(
      { happened, accepted },
      {
        onSuccess: ({ batch, changed }) => {
          handOver({
            words: `${replan.title}: ${changed === 1 ? 'one exercise' : `${changed} exercises`} changed`,
            undo: `sessions/${replan.sessionId}/replans/${batch}`,
          })
          location.assign(`/floor/${replan.sessionId}`)
        },
        onError: (error) => toast.error(error.message),
      },
    )
  }
  useKeys({ Enter: go })
  return (
    <section aria-label="The changed session" aria-busy={stale} className="mt-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-2 border-b-2 border-base-300 pb-2">
        <h2 className="text-2xl">{replan.title}</h2>
        <p>
          <span className="figure-number text-2xl">{replan.minutesAfter}</span> min of work, rest and setting up
          {replan.minutesAfter !== replan.minutesBefore && (
            <span className="soft"> instead of {replan.minutesBefore}</span>
          )}
        </p>
      </div>
      <Locks locks={replan.locks} clientId={replan.clientId} />
      {changes.length === 0 ? (
        <p className="py-6 text-lg">Nothing has to change: the session can be done as it stands.</p>
      ) : (
        <ol data-keys="through">
          {changes.map((change) => (
            <ChangeRow
              key={change.itemId}
              change={change}
              accepted={!declined.includes(change.itemId)}
              onAccept={(yes) =>
                onDecline(yes ? declined.filter((id) => id !== change.itemId) : [...declined, change.itemId])
              }
            />
          ))}
        </ol>
      )}
      {stays.length > 0 && changes.length > 0 && (
        <details className="mt-3">
          <summary className="sentence cursor-pointer font-semibold">
            {stays.length === 1 ? '1 exercise stays as it is' : `${stays.length} exercises stay as they are`}
          </summary>
          <ul>
            {stays.map((change) => (
              <li key={change.itemId} className="soft border-b border-base-300 py-2">
                {change.from}
              </li>
            ))}
          </ul>
        </details>
      )}
      {changes.length > 0 && (
        <div className="replan-apply">
          <button
            type="button"
            className="btn btn-primary btn-lg w-full sm:w-auto"
            disabled={accepted.length === 0 || apply.isPending || stale || replan.locks.length > 0}
            onClick={go}
          >
            {accepted.length === 0
              ? 'Nothing is chosen'
              : `Change ${accepted.length === 1 ? 'this exercise' : `these ${accepted.length} exercises`} today`}{' '}
            <kbd className="key ml-1 hidden sm:inline-block">Enter</kbd>
          </button>
        </div>
      )}
    </section>
  )
}
