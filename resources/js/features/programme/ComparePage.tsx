import { useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import { Link, useParams } from 'react-router'
import { useTitle } from '../../shared/lib/useTitle'
import type { Programme } from '../../shared/api'
import { Loading, Problem } from '../../shared/ui'
import { programmesOptions } from './queries'

const exercises = (programme: Programme) =>
  (programme.weeks[0]?.sessions ?? []).map((session) => ({
    day: session.day,
    name: session.name,
    likely: session.likelyMinutes,
    minutes: session.minutes,
    items: session.blocks
      .filter((block) => block.kind !== 'warm-up' && block.kind !== 'cool-down')
      .flatMap((block) => block.items.map((item) => ({ name: item.name, short: item.short, words: item.words ?? '' }))),
  }))

const good = (programme: Programme) => {
  const first = programme.checks.filter((check) => check.week === 1)
  return { good: first.filter((check) => check.verdict === 'ok').length, all: first.length }
}

/** Two programmes side by side: what each asks in its first week, what it gives each muscle, and what is wrong with it. */
export function ComparePage() {
  useTitle('Side by side')
  const { clientId, programmeId, otherId } = useParams()
  const one = useQuery(programmesOptions(Number(clientId), String(programmeId)))
  const other = useQuery(programmesOptions(Number(clientId), String(otherId)))
  if (one.isPending || other.isPending) return <Loading what="both programmes" />
  const failed = one.isError ? one : other.isError ? other : null
  if (failed) return <Problem error={failed.error} onRetry={() => void failed.refetch()} />
  const both = [one.data?.shown, other.data?.shown].filter((programme): programme is Programme => programme != null)
  const [left, right] = both
  if (!left || !right) return null
  const most = Math.max(
    ...both.flatMap((programme) => programme.muscles.map((muscle) => Math.max(muscle.sets, muscle.high))),
  )
  return (
    <section aria-label="Side by side">
      <Link to={`/clients/${clientId}/programme?programme=${programmeId}`} className="btn btn-ghost btn-sm -ml-3">
        <ArrowLeft className="size-4" aria-hidden="true" /> {left.name}
      </Link>
      <h2 className="text-2xl">Side by side, first week</h2>
      <div className="mt-4 grid gap-x-10 gap-y-8 md:grid-cols-2">
        {both.map((programme) => (
          <section key={programme.id} aria-label={programme.name} className="min-w-0">
            <h3 className="ledge-thin pb-1 text-xl">
              {programme.name} <span className="soft text-base">· {programme.state}</span>
            </h3>
            <p className="mt-2 text-sm">
              <strong>
                {good(programme).good} of {good(programme).all}
              </strong>{' '}
              checks good
              {programme.total !== null && (
                <>
                  {' '}
                  · score <strong>{programme.total}</strong> points
                </>
              )}
            </p>
            <ul className="mt-2">
              {programme.checks
                .filter((check) => check.week === 1 && check.verdict !== 'ok')
                .map((check, i) => (
                  <li key={i} className="text-sm">
                    <strong>{check.name}</strong>: {check.words}
                  </li>
                ))}
            </ul>
            {exercises(programme).map((session) => (
              <div key={session.day} className="mt-4">
                <h4 className="font-semibold">
                  {session.day} · {session.name}{' '}
                  <span className="soft font-normal">
                    likely {session.likely} of {session.minutes} min
                  </span>
                </h4>
                <ul>
                  {session.items.map((item, i) => (
                    <li key={i} className="grid grid-cols-[5rem_1fr] gap-x-2 border-b border-base-300 py-1 text-sm">
                      <span className="figure-number">{item.short}</span>
                      <span>
                        <strong>{item.name}</strong> <span className="soft">{item.words}</span>
                      </span>
                    </li>
                  ))}
                </ul>
              </div>
            ))}
          </section>
        ))}
      </div>
      <section aria-label="Working sets" className="mt-8">
        <h3 className="text-lg">Working sets a week</h3>
        <table className="w-full text-sm">
          <thead>
            <tr className="border-b-2 border-base-content text-left">
              <th scope="col" className="py-1">
                Muscle
              </th>
              <th scope="col">{left.name}</th>
              <th scope="col">{right.name}</th>
            </tr>
          </thead>
          <tbody>
            {left.muscles.map((muscle, i) => (
              <tr key={muscle.muscle} className="border-b border-base-300">
                <th scope="row" className="py-1 text-left font-normal">
                  {muscle.muscle}
                </th>
                {[muscle, right.muscles[i] ?? muscle].map((sets, side) => (
                  <td key={side} className="w-2/5 pr-6">
                    <span className="grid grid-cols-[1fr_3rem] items-center gap-x-2">
                      <span className="muscle-line" aria-hidden="true">
                        <span
                          className="muscle-band"
                          style={{
                            left: `${(100 * sets.low) / most}%`,
                            width: `${(100 * (sets.high - sets.low)) / most}%`,
                          }}
                        />
                        <span className="muscle-sets" style={{ width: `${(100 * sets.sets) / most}%` }} />
                      </span>
                      <strong className="text-right">{sets.sets}</strong>
                    </span>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </section>
  )
}
