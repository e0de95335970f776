import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { toast } from 'sonner'
import type { Start, StartTest } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { briefDay, longDay, timeOfDay } from '../../shared/lib/time'
import { FormProblem, Loading, Locks, Problem } from '../../shared/ui'
import { Beliefs } from './Beliefs'
import { startOptions, useBegin, useTakeOut } from './queries'
import { Told } from './Told'

/** One test, its steps from light to heavier. */
function Test({ test }: { test: StartTest }) {
  return (
    <li className="border-b border-base-300 py-2.5">
      <h3 className="text-lg">{test.name}</h3>
      <ol className="mt-1 space-y-1">
        {test.steps.map((step, place) => (
          // Steps of one test may be alike but for the count.
          <li key={`${step.exercise} ${step.words} ${step.dose}`} className="grid grid-cols-[1.5rem_1fr] leading-snug">
            <span className="soft">{place + 1}</span>
            <span>
              <Link className="link" to={`/catalogue/${step.exercise}`}>
                {step.name}
              </Link>
              , <strong>{step.dose}</strong>
              <span className="soft block text-sm">{step.words}</span>
            </span>
          </li>
        ))}
      </ol>
    </li>
  )
}

/** The session that waits, runs or is done. */
function Standing({ start }: { start: Start }) {
  const takeOut = useTakeOut()
  const { session } = start
  if (session === null) return null
  if (session.state === 'done') {
    return (
      <p className="mt-1">
        Done on {longDay(session.endedAt ?? session.startsAt)}. What it said stands on this page; the sets are in the{' '}
        <Link className="link" to={`/clients/${start.clientId}/ledger`}>
          ledger
        </Link>
        .
      </p>
    )
  }
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3">
      <a className="btn btn-primary" href={`/floor/${session.id}`}>
        {session.state === 'running' ? 'Back to the Floor' : 'Open it on the Floor'}
      </a>
      {session.state === 'planned' && (
        <button
          type="button"
          className="btn btn-ghost"
          disabled={takeOut.isPending}
          onClick={() =>
            takeOut.mutate(session.id, {
              onSuccess: () => toast('It is off the Round; plan it again whenever you like'),
              onError: (error) => toast.error(error.message),
            })
          }
        >
          Take it off the Round
        </button>
      )}
      <p className="soft w-full">
        {session.state === 'running'
          ? 'It has been begun.'
          : `It stands on the Round on ${briefDay(session.startsAt)} at ${timeOfDay(session.startsAt)}.`}
      </p>
    </div>
  )
}

/** What would be tested with what is here, and when to do it. */
function Tests({ start, isWaiting }: { start: Start; isWaiting: boolean }) {
  const begin = useBegin(start.clientId)
  if (start.tests.length === 0) {
    return <p className="mt-3">There is nothing here to test with, within the limits in force. Fill the shelf first.</p>
  }
  return (
    <>
      <p className="mt-2">
        {counted(start.tests.length, 'test')} from light to heavier, about {start.minutes} minutes, {start.mostMinutes}{' '}
        at most. After each step they say more or enough; enough ends that test.
      </p>
      <p className="caution mt-2">
        {start.isCareful
          ? 'A set ends well before it is hard: with four left, and at once for pain, dizziness or a held breath.'
          : 'A set ends with two left and never goes on until nothing is; at once for pain or dizziness.'}
      </p>
      <Locks locks={start.locks} clientId={start.clientId} />
      {!isWaiting && start.locks.length === 0 && (
        <div className="mt-3 flex flex-wrap gap-3">
          <button
            type="button"
            className="btn btn-primary"
            disabled={begin.isPending}
            onClick={() =>
              begin.mutate('now', { onSuccess: ({ sessionId }) => location.assign(`/floor/${sessionId}`) })
            }
          >
            Begin now
          </button>
          {start.nextVisit !== null && (
            <button
              type="button"
              className="btn btn-outline"
              disabled={begin.isPending}
              onClick={() => begin.mutate('next-visit')}
            >
              At the next visit, {briefDay(start.nextVisit)}, {timeOfDay(start.nextVisit)}
            </button>
          )}
        </div>
      )}
      <FormProblem error={begin.error} />
      <ol className="mt-4 border-t border-base-300">
        {start.tests.map((test) => (
          <Test key={test.name} test={test} />
        ))}
      </ol>
      {start.untested.map((words) => (
        <p key={words} className="soft mt-2 text-sm">
          {words}
        </p>
      ))}
    </>
  )
}

/** The first session: offered where nothing is known, folded where enough is. */
function Proposed({ start }: { start: Start }) {
  const isWaiting = start.session !== null && start.session.state !== 'done'
  return (
    <section className="paper p-5" aria-label="Find the start">
      <h2 className="text-2xl">Find the start</h2>
      <Standing start={start} />
      {start.why === null && !isWaiting ? (
        <>
          <p className="mt-2">Enough is on record to plan by. After a break or an illness it can be found anew.</p>
          <details className="mt-3">
            <summary className="cursor-pointer font-semibold">Find it anew</summary>
            <Tests start={start} isWaiting={isWaiting} />
          </details>
        </>
      ) : (
        <>
          {!isWaiting && <p className="next-target mt-2">{start.why}</p>}
          <Tests start={start} isWaiting={isWaiting} />
        </>
      )}
    </section>
  )
}

/** What became of the exercises of the programme that is there. */
function Changed({ start }: { start: Start }) {
  return (
    <section aria-label="In the programme">
      <h2 className="text-xl">In the programme</h2>
      {start.changed.length === 0 ? (
        <p className="mt-1">
          Loads of a{' '}
          <Link className="link" to={`/clients/${start.clientId}/programme`}>
            new programme
          </Link>{' '}
          come from these ranges. One that is there already changes by itself once something is found out.
        </p>
      ) : (
        <>
          <ul className="mt-2">
            {start.changed.map(({ day, exercise, now, was }) => (
              <li key={`${day} ${exercise} ${now} ${was}`} className="border-b border-base-300 py-2 leading-snug">
                <strong>{exercise}</strong> <span className="soft">on {day}</span>
                <span className="block">{now}</span>
                <span className="soft block text-sm">was {was}</span>
              </li>
            ))}
          </ul>
          <Link className="link mt-2 inline-block" to={`/clients/${start.clientId}/programme`}>
            See it in the programme, or take it back there
          </Link>
        </>
      )}
    </section>
  )
}

/** What a client can do: found out in a first session, or told; and what that changed. */
export function StartPage() {
  const start = useQuery(startOptions(Number(useParams().clientId)))
  if (start.isPending) return <Loading what="what they can do" />
  if (start.isError) return <Problem error={start.error} onRetry={() => void start.refetch()} />
  const { data } = start
  return (
    <div className="grid items-start gap-8 lg:grid-cols-[1fr_1.1fr]">
      <div className="space-y-8">
        <Proposed start={data} />
        <Told start={data} />
      </div>
      <div className="space-y-8">
        <Beliefs beliefs={data.beliefs} />
        <Changed start={data} />
      </div>
    </div>
  )
}
