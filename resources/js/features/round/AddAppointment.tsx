import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { z } from 'zod'
import type { Appointment } from '../../shared/api'
import { between, clockTime, day, FormEnd, optional, useEntry } from '../../shared/form'
import { timeOfDay } from '../../shared/lib/time'
import { Choice, Stop, TextInput } from '../../shared/ui'
import { visitedOptions } from '../clients'
import { useAppointments, type AppointmentSent } from './queries'

export type AppointmentKind = Appointment['kind']

const schema = z.object({
  clientId: optional,
  date: day,
  time: clockTime,
  minutes: between('Minutes', 5, 720, 'minutes'),
  words: optional,
  everyWeeks: optional,
  until: optional,
})

const usualMinutes: Record<AppointmentKind, string> = { assessment: '60', talk: '30', blocked: '60' }
const asks: Record<AppointmentKind, string> = {
  assessment: 'What for',
  talk: 'What about',
  blocked: 'What it is',
}

interface AddAppointmentProps {
  kind: AppointmentKind
  date: string
  /** The one that is changed; null for a new one. */
  appointment?: Appointment | null
  onDone: (date: string) => void
}

/** A visit without a session, or time that is not free: once, or every so many weeks until a day. */
export function AddAppointment({ kind, date, appointment = null, onDone }: AddAppointmentProps) {
  const clients = useQuery(visitedOptions)
  const { add, change } = useAppointments()
  const isBlocked = kind === 'blocked'
  const [first] = clients.data ?? []
  const entry = useEntry({
    schema,
    initial: {
      clientId: appointment?.clientId?.toString() ?? '',
      date,
      time: appointment === null ? '' : timeOfDay(appointment.startsAt),
      minutes: String(appointment?.minutes ?? usualMinutes[kind]),
      words: appointment?.words ?? '',
      everyWeeks: '',
      until: '',
    },
    draft: null,
    send: (entered) => {
      const what: AppointmentSent = {
        kind,
        clientId: isBlocked ? null : entered.clientId || String(first?.id ?? ''),
        date: entered.date,
        time: entered.time,
        minutes: entered.minutes,
        words: entered.words,
        ...(entered.everyWeeks !== '' && { everyWeeks: entered.everyWeeks, until: entered.until }),
      }
      return appointment === null ? add.mutateAsync(what) : change.mutateAsync({ was: appointment, what })
    },
    onSent: (entered) => onDone(entered.date),
  })
  const { entered, field } = entry
  return (
    <form
      className="grid gap-x-4 gap-y-1 sm:grid-cols-2 lg:grid-cols-[1.4fr_1fr_8rem_8rem]"
      aria-label={appointment === null ? 'Add without a session' : 'Change it'}
      {...entry.form}
    >
      {!isBlocked && (
        <Choice
          label="Client"
          {...field('clientId')}
          value={entered.clientId || String(first?.id ?? '')}
          options={(clients.data ?? []).map((one) => [String(one.id), one.name])}
        />
      )}
      <TextInput label="Day" type="date" {...field('date')} />
      <TextInput label="Time" type="time" {...field('time')} />
      <TextInput label="For" unit="minutes" {...field('minutes')} />
      <div className={isBlocked ? '' : 'sm:col-span-2 lg:col-span-1'}>
        <TextInput label={asks[kind]} hint="May stay empty; kept encrypted" {...field('words')} />
      </div>
      {appointment === null && (
        <>
          <Choice
            label="Again"
            {...field('everyWeeks')}
            options={[
              ['', 'once'],
              ['1', 'every week'],
              ['2', 'every 2 weeks'],
              ['4', 'every 4 weeks'],
            ]}
          />
          {entered.everyWeeks !== '' && <TextInput label="Until" type="date" {...field('until')} />}
        </>
      )}
      <div className="col-span-full">
        <FormEnd
          entry={entry}
          keep={appointment === null ? 'Put it on the Round' : 'Keep the change'}
          onLeave={() => onDone(date)}
        />
      </div>
    </form>
  )
}

const kinds: [AppointmentKind | 'session', string][] = [
  ['session', 'A session once more'],
  ['assessment', 'An assessment'],
  ['talk', 'A talk'],
  ['blocked', 'Time that is not free'],
]

/** What is put on the Round by hand: a session of the programme once more, or something without one. */
export function AddToRound({
  date,
  onDone,
  session,
}: {
  date: string
  onDone: (date: string) => void
  session: React.ReactNode
}) {
  const [kind, setKind] = useState<AppointmentKind | 'session'>('session')
  return (
    <section className="ledge-thin mt-6 rounded-md bg-base-200 p-4" aria-label="Add to the Round">
      <fieldset className="mb-3 flex flex-wrap gap-2">
        <legend className="sr-only">What is added</legend>
        {kinds.map(([id, name]) => (
          <Stop key={id} name="kind-of-visit" checked={kind === id} onChange={() => setKind(id)}>
            {name}
          </Stop>
        ))}
      </fieldset>
      {kind === 'session' ? session : <AddAppointment key={kind} kind={kind} date={date} onDone={onDone} />}
    </section>
  )
}
