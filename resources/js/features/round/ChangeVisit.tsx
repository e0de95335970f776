import { useState } from 'react'
import { ApiError, type Visit } from '../../shared/api'
import { FormProblem, TextInput } from '../../shared/ui'
import { placeOf, useVisits } from './queries'

/** Another day or hour for a visit, or none, with why; the plan stays as it is. */
export function ChangeVisit({ visit, onDone }: { visit: Visit; onDone: () => void }) {
  const [to, setTo] = useState(() => placeOf(visit))
  const { move, cancel, remove } = useVisits()
  const why = to.why ?? ''
  const wrong = move.error ?? cancel.error ?? remove.error
  const error = wrong instanceof ApiError ? wrong : null
  const isBusy = move.isPending || cancel.isPending || remove.isPending
  const asks = () => {
    move.reset()
    cancel.reset()
  }
  return (
    <form
      className="ledge-thin col-span-full grid gap-x-4 gap-y-1 rounded-md bg-base-200 p-4 sm:grid-cols-[1fr_8rem_2fr]"
      noValidate
      aria-label={`Move or cancel the visit to ${visit.clientName}`}
      onSubmit={(event) => {
        event.preventDefault()
        asks()
        move.mutate({ visit, to }, { onSuccess: onDone })
      }}
    >
      <TextInput
        label="Day"
        type="date"
        autoFocus
        value={to.date}
        onChange={(date) => setTo({ ...to, date })}
        error={error?.about('date')}
      />
      <TextInput
        label="Time"
        type="time"
        value={to.time}
        onChange={(time) => setTo({ ...to, time })}
        error={error?.about('time')}
      />
      <TextInput
        label="Why"
        hint="To cancel, a few words are needed."
        value={why}
        onChange={(words) => setTo({ ...to, why: words })}
        error={error?.about('why')}
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
            onClick={() => remove.mutate(visit, { onSuccess: onDone })}
          >
            Take it out
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-outline"
            disabled={isBusy}
            onClick={() => {
              asks()
              cancel.mutate({ visit, why }, { onSuccess: onDone })
            }}
          >
            Cancel the visit
          </button>
        )}
        <button type="button" className="btn btn-ghost" onClick={onDone}>
          Leave it as it is
        </button>
        <span className="soft text-sm">The programme stays as it is.</span>
      </div>
      <div className="col-span-full">
        <FormProblem error={wrong} />
      </div>
    </form>
  )
}
