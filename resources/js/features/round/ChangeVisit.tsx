import { useState } from 'react'
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
  const [needsWhy, setNeedsWhy] = useState(false)
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
        hint="Needed to cancel; may stay empty to move."
        {...entry.field('why')}
        onChange={(words) => {
          setNeedsWhy(false)
          entry.set('why', words)
        }}
        error={
          needsWhy
            ? 'Say in a few words why it is cancelled.'
            : (entry.messageOf('why') ?? (other instanceof ApiError ? other.about('why') : undefined))
        }
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
            onClick={(event) => {
              if (entry.entered.why.trim() !== '') {
                cancel.mutate({ visit, why: entry.entered.why }, { onSuccess: leave })
                return
              }
              const { form } = event.currentTarget
              setNeedsWhy(true)
              setTimeout(() => form?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus())
            }}
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
