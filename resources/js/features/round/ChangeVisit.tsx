import { z } from 'zod'
import { ApiError, type Visit } from '../../shared/api'
import { clockTime, day, optional, useEntry } from '../../shared/form'
import { FormProblem, TextInput, Trouble } from '../../shared/ui'
import { placeOf, useVisits } from './queries'

const schema = z.object({ date: day, time: clockTime, why: optional })

/** Another day or hour for a visit, or none, with why; the plan stays as it is. */
export function ChangeVisit({ visit, onDone }: { visit: Visit; onDone: () => void }) {
  const { move, cancel, remove } = useVisits()
  const entry = useEntry({
    schema,
    initial: placeOf(visit),
    draft: `visit-${visit.sessionId}`,
    send: (to) => move.mutateAsync({ visit, to }),
    onSent: onDone,
  })
  const isBusy = entry.isSending || cancel.isPending || remove.isPending
  const other = cancel.error ?? remove.error
  const leave = () => {
    entry.forget()
    onDone()
  }
  return (
    <form
      className="ledge-thin col-span-full grid gap-x-4 gap-y-1 rounded-md bg-base-200 p-4 sm:grid-cols-[1fr_8rem_2fr]"
      aria-label={`Move or cancel the visit to ${visit.clientName}`}
      {...entry.form}
    >
      <TextInput label="Day" type="date" autoFocus {...entry.field('date')} />
      <TextInput label="Time" type="time" {...entry.field('time')} />
      <TextInput
        label="Why"
        hint="To cancel, a few words are needed."
        {...entry.field('why')}
        error={entry.messageOf('why') ?? (other instanceof ApiError ? other.about('why') : undefined)}
      />
      <div className="col-span-full flex flex-wrap items-center gap-2">
        <button className="btn btn-primary" disabled={isBusy}>
          Move it
        </button>
        {visit.isAdded ? (
          <button
            type="button"
            className="btn btn-outline"
            disabled={isBusy}
            onClick={() => remove.mutate(visit, { onSuccess: leave })}
          >
            Take it out
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-outline"
            disabled={isBusy}
            onClick={() => cancel.mutate({ visit, why: entry.entered.why }, { onSuccess: leave })}
          >
            Cancel the visit
          </button>
        )}
        <button type="button" className="btn btn-ghost" onClick={leave}>
          Leave it as it is
        </button>
        <span className="soft text-sm">The programme stays as it is.</span>
      </div>
      <div className="col-span-full">
        <Trouble words={entry.problem} />
        <FormProblem error={other} />
      </div>
    </form>
  )
}
