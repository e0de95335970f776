import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import type { Health } from '../../shared/api'
import { Loading, Problem } from '../../shared/ui'
import { ClearanceForm, Clearances } from './Clearances'
import { Answers, Questions } from './HealthQuestions'
import { Checks } from './MovementChecks'
import { healthOptions } from './queries'
import { WhoLooked } from './WhoLooked'

function Locks({ health }: { health: Health }) {
  if (health.locks.length === 0) {
    return (
      <p className="next-target font-semibold">
        {health.isDue ? 'The questions are due again.' : 'Nothing stands in the way of training today.'}
      </p>
    )
  }
  return (
    <section className="caution" aria-label="Locked">
      <div>
        <p className="font-display text-lg font-semibold">Locked: no session starts</p>
        <ul className="mt-1 space-y-2">
          {health.locks.map((lock) => (
            <li key={lock.why}>
              <strong>{lock.why}</strong> {lock.do}
            </li>
          ))}
        </ul>
        <p className="mt-2">In an emergency call {health.emergencyNumber}.</p>
      </div>
    </section>
  )
}

/** Health questions, clearances and movement checks: what stands in the way, why, and what to do. Nothing is diagnosed. */
export function HealthPage() {
  const clientId = Number(useParams().clientId)
  const health = useQuery(healthOptions(clientId))
  const [asking, setAsking] = useState(false)
  if (health.isPending) return <Loading what="the health answers" />
  if (health.isError) return <Problem error={health.error} onRetry={() => void health.refetch()} />
  const shown = health.data
  const unasked = shown.answeredOn === null
  return (
    <div className="grid gap-10 lg:grid-cols-[1.3fr_1fr]">
      <div className="min-w-0 space-y-6">
        <Locks health={shown} />
        {unasked || asking ? (
          <Questions health={shown} onDone={() => setAsking(false)} />
        ) : (
          <Answers health={shown} onAsk={() => setAsking(true)} />
        )}
        <ClearanceForm health={shown} />
        <Clearances health={shown} />
      </div>
      <div className="min-w-0 space-y-8">
        <section aria-label="Limits in force">
          <h2 className="text-xl">Limits in force</h2>
          {shown.limits.length === 0 ? (
            <p className="soft mt-1">None.</p>
          ) : (
            <ul className="mt-1">
              {shown.limits.map((limit) => (
                <li key={limit.id} className="border-b border-base-300 py-1.5">
                  <strong>{limit.label}</strong>: {limit.why}
                </li>
              ))}
            </ul>
          )}
        </section>
        <Checks health={shown} />
        <WhoLooked health={shown} />
      </div>
    </div>
  )
}
