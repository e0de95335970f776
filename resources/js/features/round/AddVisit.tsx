import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { ApiError } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { Choice, FormProblem, TextInput } from '../../shared/ui'
import { visitChoicesOptions, visitedOptions } from '../clients'
import { useAddVisit } from './queries'

/** One session of a running programme, done once more on a day of one's choice. */
export function AddVisit({ date, onDone }: { date: string; onDone: (date: string) => void }) {
  const clients = useQuery(visitedOptions)
  const [clientId, setClientId] = useState(0)
  const [entered, setEntered] = useState({ date, time: '', plannedSessionId: '' })
  const whose = clientId || (clients.data?.[0]?.id ?? 0)
  const choices = useQuery({ ...visitChoicesOptions(whose), enabled: whose !== 0 })
  const add = useAddVisit(whose)
  const error = add.error instanceof ApiError ? add.error : null
  const chosen =
    choices.data?.find((one) => String(one.plannedSessionId) === entered.plannedSessionId) ?? choices.data?.[0]
  const what = {
    date: entered.date,
    time: entered.time || (chosen?.time ?? ''),
    plannedSessionId: chosen?.plannedSessionId ?? null,
  }
  return (
    <form
      className="ledge-thin mt-6 grid gap-x-4 gap-y-1 rounded-md bg-base-200 p-4 sm:grid-cols-2 lg:grid-cols-[1fr_2fr_1fr_8rem]"
      noValidate
      aria-label="Add a visit"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate(what, { onSuccess: () => onDone(what.date) })
      }}
    >
      <Choice
        label="Client"
        autoFocus
        value={String(whose)}
        onChange={(id) => {
          add.reset()
          setClientId(Number(id))
        }}
        options={(clients.data ?? []).map((one) => [String(one.id), one.name])}
      />
      {choices.data?.length === 0 ? (
        <p className="self-center">
          No programme runs here yet.{' '}
          <Link to={`/clients/${whose}/programme`} className="link">
            Plan one first
          </Link>
          ; its visits come by themselves.
        </p>
      ) : (
        <Choice
          label="Session, done once more"
          value={String(chosen?.plannedSessionId ?? '')}
          onChange={(plannedSessionId) => setEntered({ ...entered, plannedSessionId, time: '' })}
          options={(choices.data ?? []).map((one) => [
            String(one.plannedSessionId),
            `${one.name}, week ${one.week}, ${counted(one.minutes, 'minute')}`,
          ])}
          error={error?.about('plannedSessionId')}
        />
      )}
      <TextInput
        label="Day"
        type="date"
        value={entered.date}
        onChange={(day) => setEntered({ ...entered, date: day })}
        error={error?.about('date')}
      />
      <TextInput
        label="Time"
        type="time"
        value={what.time}
        onChange={(time) => setEntered({ ...entered, time })}
        error={error?.about('time')}
      />
      <div className="col-span-full flex flex-wrap gap-2">
        <button className="btn btn-primary" disabled={add.isPending || chosen === undefined}>
          Add the visit
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => onDone(date)}>
          Not now
        </button>
      </div>
      <div className="col-span-full">
        <FormProblem error={add.error} />
      </div>
    </form>
  )
}
