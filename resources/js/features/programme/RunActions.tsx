import { useState } from 'react'
import { z } from 'zod'
import type { Programme } from '../../shared/api'
import { day, FormEnd, useEntry } from '../../shared/form'
import { counted } from '../../shared/lib/counts'
import { briefDay, daysLater } from '../../shared/lib/time'
import { FormProblem, TextInput } from '../../shared/ui'
import { useRunning } from './running'

const away = z
  .object({ from: day, until: day })
  .refine(({ from, until }) => from <= until, { path: ['until'], message: 'The last day away comes before the first.' })

function Pause({ programme, onDone }: { programme: Programme; onDone: () => void }) {
  const { pause } = useRunning(programme.clientId, Number(programme.id))
  const today = new Date().toISOString().slice(0, 10)
  const entry = useEntry({
    schema: away,
    initial: { from: daysLater(today, 7), until: daysLater(today, 20) },
    draft: null,
    send: (days) => pause.mutateAsync(days),
    onSent: onDone,
  })
  return (
    <form className="paper my-3 max-w-xl p-4" aria-label="Pause the programme" {...entry.form}>
      <div className="grid gap-x-4 sm:grid-cols-2">
        <TextInput label="First day away" type="date" autoFocus {...entry.field('from')} />
        <TextInput label="Last day away" type="date" {...entry.field('until')} />
      </div>
      <p className="soft text-sm">
        Weeks of which more than half falls away are done afterwards, with all that follow; in others single visits go.
      </p>
      <FormEnd entry={entry} keep="Pause it" onLeave={onDone} />
    </form>
  )
}

function Stop({ programme, onDone }: { programme: Programme; onDone: () => void }) {
  const { stop } = useRunning(programme.clientId, Number(programme.id))
  const entry = useEntry({
    schema: z.object({ lastDay: day }),
    initial: { lastDay: new Date().toISOString().slice(0, 10) },
    draft: null,
    send: ({ lastDay }) => stop.mutateAsync(lastDay),
    onSent: onDone,
  })
  return (
    <form className="paper my-3 max-w-xl p-4" aria-label="Stop the programme" {...entry.form}>
      <TextInput
        label="Its last day"
        type="date"
        autoFocus
        hint="Visits after it go; what was done stays."
        {...entry.field('lastDay')}
      />
      <FormEnd entry={entry} keep="Stop it" onLeave={onDone} />
    </form>
  )
}

const happened: Record<string, string> = {
  started: 'Started',
  stopped: 'Stopped',
  paused: 'Paused',
  'went-on': 'Went on',
}

/** "8 visits made, 6 taken off the Round". */
function visitWords(made: number, gone: number): string {
  return [
    ...(made > 0 ? [`${counted(made, 'visit')} put on the Round`] : []),
    ...(gone > 0 ? [`${counted(gone, 'visit')} taken off it`] : []),
  ].join(', ')
}

/** Stopping, pausing and going on, and the way back from what was done last. */
export function RunActions({ programme }: { programme: Programme }) {
  const [open, setOpen] = useState<'pause' | 'stop' | null>(null)
  const { goOn, takeBack } = useRunning(programme.clientId, Number(programme.id))
  const isOnTheWay = programme.state === 'running' || programme.state === 'waiting'
  const isPaused = programme.pausedUntil !== null
  const canGoOn = programme.state === 'ended' || isPaused || programme.endsOn !== null
  const turn = programme.lastTurn
  return (
    <section aria-label="The programme as a whole" className="mb-1">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        {programme.endsOn !== null && programme.state !== 'ended' && (
          <span className="tag look-here">ends on {briefDay(programme.endsOn)}</span>
        )}
        {programme.pausedUntil !== null && (
          <span className="tag look-here">paused until {briefDay(programme.pausedUntil)}</span>
        )}
        {turn !== null && (
          <span className="soft text-sm">
            {happened[turn.kind]} {briefDay(turn.at)}
            {turn.made + turn.gone > 0 && `: ${visitWords(turn.made, turn.gone)}`}.{' '}
            <button
              type="button"
              className="link min-h-6"
              disabled={takeBack.isPending}
              onClick={() => takeBack.mutate(turn)}
            >
              Take that back
            </button>
          </span>
        )}
        <span className="grow" />
        {isOnTheWay && (
          <>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-expanded={open === 'pause'}
              onClick={() => setOpen(open === 'pause' ? null : 'pause')}
            >
              Pause
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-expanded={open === 'stop'}
              onClick={() => setOpen(open === 'stop' ? null : 'stop')}
            >
              Stop
            </button>
          </>
        )}
        {canGoOn && (
          <button
            type="button"
            className="btn btn-outline btn-sm"
            disabled={goOn.isPending}
            onClick={() => goOn.mutate()}
          >
            Go on with it
          </button>
        )}
      </div>
      <FormProblem error={goOn.error} />
      {open === 'pause' && <Pause programme={programme} onDone={() => setOpen(null)} />}
      {open === 'stop' && <Stop programme={programme} onDone={() => setOpen(null)} />}
    </section>
  )
}
