import { useQueries, useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import { Link, useParams } from 'react-router'
import type { Block, Session, SheetRow, Visit } from '../../shared/api'
import { longDay, timeOfDay } from '../../shared/lib/time'
import { Loading, PageTitle, PaperCaution, PaperTable, Problem, type PaperGroup } from '../../shared/ui'
import { AsOf, sessionOptions } from '../floor'
import { blockWords } from '../floor/said'
import { roundOptions } from './queries'

function onPaper(block: Block, rows: SheetRow[]): PaperGroup {
  const rowOf = (item: Block['items'][number]) => rows.find(({ thread }) => thread === String(item.id))
  return {
    key: block.id,
    title: blockWords(block),
    rule: block.ruleWords,
    rows: block.items
      .filter((item) => item.leftOut === null)
      .map((item) => ({
        key: item.id,
        name: item.name,
        dose: rowOf(item)?.dose ?? `${item.sets} × ${item.dose}`,
        how: [item.words, item.tempo ?? '', item.servable ? '' : `Needs a swap: ${item.problems[0] ?? ''}`]
          .filter((words) => words !== '')
          .join(' · '),
        // What loosens and stretches follows on.
        restSeconds: block.isFrame ? 0 : (rowOf(item)?.restSeconds ?? item.restSeconds),
        sets: rowOf(item)?.sets ?? item.sets,
      })),
  }
}

/** One visit on paper; what must be known at the door stands first. */
function OnPaper({ visit, session }: { visit: Visit; session: Session | undefined }) {
  const atTheDoor = [
    ...visit.locks.map((lock) => `Locked: ${lock}`),
    ...visit.painNotes.map((note) => `Pain: ${note}`),
    ...visit.limits.map((limit) => limit.label),
  ]
  return (
    <section aria-label={visit.clientName} className="print-session">
      <h2 className="ledge-thin text-xl">
        {timeOfDay(visit.startsAt)} · {visit.clientName}{' '}
        <span className="text-base font-normal">
          {visit.place} · {visit.sessionName} · {visit.minutes} min
        </span>
      </h2>
      {atTheDoor.length > 0 && (
        <p className="mt-1 text-sm">
          <strong>Mind:</strong> {atTheDoor.join('; ')}
        </p>
      )}
      {visit.bring.length > 0 && (
        <p className="mt-1 text-sm">
          <strong>Bring:</strong> {visit.bring.join('; ')}
        </p>
      )}
      {visit.lastNote !== '' && (
        <p className="mt-1 text-sm">
          <strong>Last note:</strong> {visit.lastNote}
        </p>
      )}
      {(session?.layOut.length ?? 0) > 0 && (
        <p className="mt-1 text-sm">
          <strong>Lay out:</strong> {session?.layOut.join(', ')}
        </p>
      )}
      {session === undefined ? (
        <p className="soft mt-1 text-sm">The session is being fetched…</p>
      ) : (
        <PaperTable groups={session.blocks.map((block) => onPaper(block, session.rows))} />
      )}
    </section>
  )
}

/** The visits of one day on paper, in order. */
export function PrintDay() {
  const { date = '' } = useParams()
  const round = useQuery(roundOptions(date))
  const visits = (round.data?.visits ?? []).filter((visit) => !visit.isCancelled)
  const appointments = round.data?.appointments ?? []
  const sessions = useQueries({ queries: visits.map((visit) => sessionOptions(visit.sessionId)) })
  if (round.isPending) return <Loading what="the day" />
  if (round.data === undefined) return <Problem isPage error={round.error} onRetry={() => void round.refetch()} />
  const isWhole = sessions.every((one) => one.data !== undefined)
  return (
    <section aria-label="The day on paper" className="print-week">
      <div className="no-print mb-4 flex flex-wrap gap-2">
        <Link to={`/?date=${date}`} className="btn btn-ghost btn-sm -ml-3">
          <ArrowLeft className="size-4" aria-hidden="true" /> Back to the Round
        </Link>
        <button type="button" className="btn btn-primary btn-sm" disabled={!isWhole} onClick={() => window.print()}>
          {isWhole ? 'Print it' : 'Laying it out…'}
        </button>
      </div>
      <PageTitle title={`The day on paper · ${longDay(date)}`} className="text-2xl">
        {longDay(date)}
      </PageTitle>
      <AsOf of={round} />
      {visits.length + appointments.length === 0 && <p className="mt-4">No visits on this day.</p>}
      {appointments.length > 0 && (
        <ul className="mt-2">
          {appointments.map((one) => (
            <li key={one.id}>
              <strong>{timeOfDay(one.startsAt)}</strong>{' '}
              {[one.clientName, one.place, one.label, one.words].filter(Boolean).join(' · ')}, {one.minutes} min
            </li>
          ))}
        </ul>
      )}
      {visits.map((visit, at) => (
        <OnPaper key={visit.sessionId} visit={visit} session={sessions[at]?.data} />
      ))}
      {visits.length > 0 && <PaperCaution />}
    </section>
  )
}
