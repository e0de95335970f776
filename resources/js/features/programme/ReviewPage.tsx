import { useQuery } from '@tanstack/react-query'
import { ArrowLeft, ArrowRight } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { useTitle } from '../../shared/lib/useTitle'
import type { Review, ReviewEntry } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { Empty, FormProblem, Loading, Problem } from '../../shared/ui'
import { reviewOptions, useMend } from './queries'

const kinds: Record<string, string> = { swap: 'swapped', forward: 'reckoned anew', out: 'taken out' }

function Entry({
  entry,
  accepted,
  onAccept,
}: {
  entry: ReviewEntry
  accepted: boolean
  onAccept: (yes: boolean) => void
}) {
  return (
    <li className={`replan-row ${accepted ? '' : 'replan-row-off'}`}>
      <input
        type="checkbox"
        className="checkbox checkbox-primary mt-1"
        aria-label={`Change ${entry.name} on ${entry.day}`}
        checked={accepted}
        onChange={(event) => onAccept(event.target.checked)}
      />
      <div>
        <p>
          <strong>{entry.name}</strong> <span className="soft">on {entry.day}</span>
        </p>
        <p className="text-sm">{entry.words}</p>
        <p className="mt-1 text-sm font-semibold">{entry.why}</p>
        <p className="soft text-sm">
          {entry.weeks.length === 1
            ? `In week ${entry.weeks[0]}.`
            : `In ${counted(entry.weeks.length, 'week')}, from week ${entry.weeks[0]}.`}
        </p>
      </div>
      <ArrowRight className="mt-1 hidden size-5 sm:block" aria-hidden="true" />
      <div>
        <p className="flex flex-wrap items-baseline gap-x-3">
          <span className="font-display text-lg font-semibold">{entry.toName ?? entry.name}</span>
          <span className={`tag ${entry.kind === 'out' ? 'look-here' : ''}`}>{kinds[entry.kind]}</span>
        </p>
        {entry.kind === 'swap' && (
          <>
            <p className="leading-snug">{entry.toWords}</p>
            <p className="mt-1 font-semibold">{entry.toDose}</p>
            <p className="soft text-sm">{entry.toWhy}</p>
          </>
        )}
        {entry.kind === 'forward' && (
          <p className="text-sm">It stands as it is now; what it was to become is reckoned with what is there.</p>
        )}
        {entry.kind === 'out' && (
          <p className="text-sm">
            Nothing here does the same within the limits. Leave it in and look for something yourself, or take it out.
          </p>
        )}
      </div>
    </li>
  )
}

/** What of a programme no longer stands, and what would: looked through in one list and mended as one change. */
export function ReviewPage() {
  const review = useQuery(reviewOptions(Number(useParams().programmeId)))
  if (review.isPending) return <Loading what="what no longer stands" />
  if (review.isError) return <Problem error={review.error} onRetry={() => void review.refetch()} />
  return <List key={review.data.version} review={review.data} />
}

function List({ review }: { review: Review }) {
  useTitle('What no longer stands')
  const clientId = Number(useParams().clientId)
  const navigate = useNavigate()
  const mend = useMend(
    review.programmeId,
    () => void navigate(`/clients/${clientId}/programme/${review.programmeId}/week/${review.week}`),
  )
  const [declined, setDeclined] = useState<string[]>([])
  const title = useRef<HTMLHeadingElement>(null)
  useEffect(() => title.current?.focus(), [])
  const back = `/clients/${clientId}/programme?programme=${review.programmeId}`
  const accepted = review.entries.map((entry) => entry.key).filter((key) => !declined.includes(key))
  return (
    <section aria-label="Review">
      <Link to={back} className="btn btn-ghost btn-sm -ml-3">
        <ArrowLeft className="size-4" aria-hidden="true" /> {review.programme}
      </Link>
      <h2 ref={title} tabIndex={-1} className="text-2xl outline-none">
        {review.isCopy ? 'Refitted to this shelf' : 'What no longer stands'}
      </h2>
      {review.entries.length === 0 ? (
        <Empty title="Everything stands">
          <p>Every exercise of this programme can be done with this shelf, in this room and within the limits.</p>
          <p>
            <Link className="link" to={back}>
              Back to the programme
            </Link>
          </p>
        </Empty>
      ) : (
        <>
          <p className="soft">
            {review.isCopy
              ? 'It was made for somebody else. What this shelf, room or body does not allow is replaced; so are loads that are not ' +
                'what the goal asks of this client.'
              : 'The shelf, the room or a limit has changed since it was planned. Look through what would take its place, from ' +
                'this week on; what was done stays.'}
          </p>
          <ul className="mt-4">
            {review.entries.map((entry) => (
              <Entry
                key={entry.key}
                entry={entry}
                accepted={!declined.includes(entry.key)}
                onAccept={(yes) =>
                  setDeclined(yes ? declined.filter((key) => key !== entry.key) : [...declined, entry.key])
                }
              />
            ))}
          </ul>
          <div className="mt-4 flex flex-wrap items-center gap-3">
            <button
              type="button"
              className="btn btn-primary"
              disabled={mend.isPending || accepted.length === 0}
              onClick={() => mend.mutate({ version: review.version, accepted })}
            >
              Mend {counted(accepted.length, 'exercise')}
            </button>
            <span className="soft text-sm">One change; it can be undone.</span>
            <FormProblem error={mend.error} />
          </div>
        </>
      )}
    </section>
  )
}
