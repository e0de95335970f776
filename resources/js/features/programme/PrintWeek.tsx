import { useQueries, useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import { Link, useParams } from 'react-router'
import { useTitle } from '../../shared/lib/useTitle'
import type { SheetBlock, SheetRow, WeekSheet } from '../../shared/api'
import { briefDay } from '../../shared/lib/time'
import { Loading, PaperCaution, PaperTable, Problem, type PaperGroup } from '../../shared/ui'
import { isFrame } from './editor/places'
import { sessionDetailOptions, sheetOptions } from './editor/queries'

/** One week on paper: what is laid out, what is done, and room to write what became of it. */
export function PrintWeek() {
  const { programmeId, week } = useParams()
  const sheet = useQuery(sheetOptions(Number(programmeId), Number(week)))
  if (sheet.isPending) return <Loading what="the week" />
  if (sheet.isError) return <Problem error={sheet.error} onRetry={() => void sheet.refetch()} />
  return <Paper sheet={sheet.data} />
}

function onPaper(block: SheetBlock, place: number, rows: SheetRow[]): PaperGroup {
  const rowOf = (slot: SheetBlock['slots'][number]) => rows.find(({ thread }) => thread === slot.thread)
  return {
    key: place,
    title: block.name === '' || block.name === 'Work' ? block.label : block.name,
    rule: block.rule,
    rows: block.slots.map((slot) => ({
      key: slot.thread,
      name: slot.name,
      dose: rowOf(slot)?.dose ?? slot.short,
      how: [
        slot.words,
        slot.tempo === null
          ? ''
          : `tempo ${slot.tempo.lower}-${slot.tempo.pause}-${slot.tempo.lift}-${slot.tempo.top} s`,
        slot.means,
      ]
        .filter((words) => words !== '')
        .join(' · '),
      // What loosens and stretches follows on.
      restSeconds: isFrame(block.kind) ? 0 : (rowOf(slot)?.restSeconds ?? slot.restSeconds),
      sets: rowOf(slot)?.sets ?? slot.sets,
    })),
  }
}

function Paper({ sheet }: { sheet: WeekSheet }) {
  useTitle(`Week ${sheet.number} on paper`)
  const details = useQueries({ queries: sheet.sessions.map((session) => sessionDetailOptions(sheet, session.weekday)) })
  return (
    <section aria-label={`Week ${sheet.number}`} className="print-week">
      <div className="no-print mb-4 flex flex-wrap gap-2">
        <Link
          to={`/clients/${sheet.clientId}/programme/${sheet.programmeId}/week/${sheet.number}`}
          className="btn btn-ghost btn-sm -ml-3"
        >
          <ArrowLeft className="size-4" aria-hidden="true" /> Back to the week
        </Link>
        <button type="button" className="btn btn-primary btn-sm" onClick={() => window.print()}>
          Print it
        </button>
      </div>
      <h2 className="text-2xl">
        {sheet.programme}: week {sheet.number} of {sheet.weeks}
        <span className="soft text-base">
          {' '}
          · from {briefDay(sheet.startsOn)}
          {sheet.kind === 'deload' && ', lighter on purpose'}
        </span>
      </h2>
      {sheet.sessions.map((session, i) => (
        <section key={session.weekday} aria-label={session.day} className="print-session">
          <h3 className="ledge-thin text-xl">
            {session.day}{' '}
            <span className="text-base font-normal">
              {session.time} · {session.name} · likely {session.likelyMinutes} min
            </span>
          </h3>
          {(details[i]?.data?.layOut.length ?? 0) > 0 && (
            <p className="mt-1 text-sm">
              <strong>Lay out:</strong> {details[i]?.data?.layOut.join(', ')}
            </p>
          )}
          <PaperTable groups={session.blocks.map((block, at) => onPaper(block, at, details[i]?.data?.rows ?? []))} />
        </section>
      ))}
      <PaperCaution />
    </section>
  )
}
