import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { z } from 'zod'
import { day, optional, useEntry } from '../../shared/form'
import { counted } from '../../shared/lib/counts'
import { Choice, TextInput, Trouble } from '../../shared/ui'
import { visitChoicesOptions, visitedOptions } from '../clients'
import { useAddVisit } from './queries'

const schema = z.object({ date: day, time: optional, plannedSessionId: optional })

/** One session of a running programme, done once more on a day of one's choice. */
export function AddVisit({ date, onDone }: { date: string; onDone: (date: string) => void }) {
  const clients = useQuery(visitedOptions)
  const [clientId, setClientId] = useState(0)
  const whose = clientId || (clients.data?.[0]?.id ?? 0)
  const choices = useQuery({ ...visitChoicesOptions(whose), enabled: whose !== 0 })
  const add = useAddVisit(whose)
  const chosenBy = (id: string) => choices.data?.find((one) => String(one.plannedSessionId) === id) ?? choices.data?.[0]
  const entry = useEntry({
    schema,
    initial: { date, time: '', plannedSessionId: '' },
    draft: null,
    send: (entered) => {
      const session = chosenBy(entered.plannedSessionId)
      return add.mutateAsync({
        date: entered.date,
        time: entered.time || (session?.time ?? ''),
        plannedSessionId: session?.plannedSessionId ?? null,
      })
    },
    onSent: (entered) => onDone(entered.date),
  })
  const { entered, field } = entry
  const chosen = chosenBy(entered.plannedSessionId)
  return (
    <form
      className="grid gap-x-4 gap-y-1 sm:grid-cols-2 lg:grid-cols-[1fr_2fr_1fr_8rem]"
      aria-label="Add a visit"
      {...entry.form}
    >
      <Choice
        label="Client"
        autoFocus
        value={String(whose)}
        onChange={(id) => setClientId(Number(id))}
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
          onChange={(plannedSessionId) => {
            entry.set('plannedSessionId', plannedSessionId)
            entry.set('time', '')
          }}
          error={entry.messageOf('plannedSessionId')}
          options={(choices.data ?? []).map((one) => [
            String(one.plannedSessionId),
            `${one.name}, week ${one.week}, ${counted(one.minutes, 'minute')}`,
          ])}
        />
      )}
      <TextInput label="Day" type="date" {...field('date')} />
      <TextInput label="Time" type="time" {...field('time')} value={entered.time || (chosen?.time ?? '')} />
      <div className="col-span-full flex flex-wrap gap-2">
        <button className="btn btn-primary" disabled={entry.isSending || chosen === undefined}>
          Add the visit
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => onDone(date)}>
          Not now
        </button>
      </div>
      <div className="col-span-full">
        <Trouble words={entry.problem} />
      </div>
    </form>
  )
}
