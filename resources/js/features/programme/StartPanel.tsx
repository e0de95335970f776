import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { ApiError, type AheadVisit, type Programme, type StartPreview } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { briefDay, longDay } from '../../shared/lib/time'
import { FormProblem, Loading, Problem } from '../../shared/ui'
import { startOptions, useRunning } from './running'

interface StartPanelProps {
  clientId: number
  programme: Programme
  onStarted: () => void
  onLeave: () => void
}

/** Starts it; where another one runs, asks first when that one ends, and shows the visits that go. */
export function StartPanel({ clientId, programme, onStarted, onLeave }: StartPanelProps) {
  const preview = useQuery(startOptions(clientId, Number(programme.id)))
  if (preview.isPending) return <Loading what="what runs" />
  if (preview.isError) return <Problem error={preview.error} onRetry={() => void preview.refetch()} />
  return (
    <Asked
      key={preview.data.firstDay}
      clientId={clientId}
      programme={programme}
      preview={preview.data}
      onStarted={onStarted}
      onLeave={onLeave}
    />
  )
}

const goneAfter = (visits: AheadVisit[], lastDay: string) => visits.filter(({ date }) => date > lastDay)

function Asked({ clientId, programme, preview, onStarted, onLeave }: StartPanelProps & { preview: StartPreview }) {
  const { start } = useRunning(clientId, Number(programme.id))
  const [eve = '', today] = preview.lastDays
  const [lastDay, setLastDay] = useState(eve)
  const title = useRef<HTMLHeadingElement>(null)
  useEffect(() => title.current?.focus(), [])
  const [other] = preview.running
  const gone = preview.running.flatMap(({ visits }) => goneAfter(visits, lastDay))
  const wrong = start.error instanceof ApiError ? (start.error.about('ends') ?? start.error.about('start')) : undefined
  return (
    <form
      aria-label="Start it"
      className="paper my-4 max-w-3xl p-5"
      onSubmit={(event) => {
        event.preventDefault()
        // Not `mutate`: its own end is lost where the page has drawn the started programme first. The error stands below.
        start.mutateAsync(other === undefined ? null : lastDay).then(onStarted, () => undefined)
      }}
    >
      <h3 ref={title} tabIndex={-1} className="text-xl outline-none">
        {other === undefined
          ? `${programme.name} begins on ${longDay(preview.firstDay)}`
          : `${other.name} runs, week ${other.week} of ${other.weeks}`}
      </h3>
      {other !== undefined && (
        <fieldset className="mt-2">
          <legend className="mb-1">
            {programme.name} begins on {longDay(preview.firstDay)}. When does the other one end?
          </legend>
          <label className="flex items-center gap-2 py-1">
            <input
              type="radio"
              name="ends"
              className="radio"
              checked={lastDay === eve}
              onChange={() => setLastDay(eve)}
            />
            On the eve, {longDay(eve)}
          </label>
          {today !== undefined && (
            <label className="flex items-center gap-2 py-1">
              <input
                type="radio"
                name="ends"
                className="radio"
                checked={lastDay === today}
                onChange={() => setLastDay(today)}
              />
              Today, {longDay(today)}: today’s visit stays
            </label>
          )}
          <p className="mt-2 font-semibold">
            {gone.length === 0
              ? 'No visit goes.'
              : `${counted(gone.length, 'visit')} of it ${gone.length === 1 ? 'goes' : 'go'}:`}
          </p>
          <ul className="soft mt-1 columns-2 text-sm sm:columns-3">
            {gone.slice(0, 12).map((visit) => (
              <li key={visit.id}>
                {briefDay(visit.date)}, {visit.time}
              </li>
            ))}
            {gone.length > 12 && <li>and {gone.length - 12} more</li>}
          </ul>
        </fieldset>
      )}
      {wrong !== undefined && (
        <p role="alert" className="mt-2 font-semibold text-error">
          {wrong}
        </p>
      )}
      {wrong === undefined && <FormProblem error={start.error} />}
      <div className="mt-3 flex flex-wrap gap-2">
        <button className="btn btn-primary" disabled={start.isPending}>
          {start.isPending
            ? 'Starting…'
            : other === undefined
              ? 'Start it'
              : `Start it, and end the other on ${briefDay(lastDay)}`}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onLeave}>
          Do not start
        </button>
      </div>
    </form>
  )
}
