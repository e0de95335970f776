import { CalendarClock, ClipboardCheck } from 'lucide-react'
import { useRef, useState } from 'react'
import { Link } from 'react-router'
import type { Appointment } from '../../shared/api'
import { timeOfDay } from '../../shared/lib/time'
import { AddAppointment } from './AddAppointment'
import { useAppointments } from './queries'

/** A visit without a session, or time that is not free. */
export function AppointmentRow({ appointment }: { appointment: Appointment }) {
  const [isChanging, setIsChanging] = useState(false)
  const opener = useRef<HTMLButtonElement>(null)
  const { remove } = useAppointments()
  const { kind, clientId, clientName } = appointment
  const isBlocked = kind === 'blocked'
  const shut = () => {
    setIsChanging(false)
    opener.current?.focus()
  }
  return (
    <li
      className={`grid gap-x-6 gap-y-2 border-b-2 border-base-300 py-4 sm:grid-cols-[6.5rem_1fr_auto] ${isBlocked ? 'soft' : ''}`}
    >
      <div className="flex items-baseline gap-3 sm:block">
        <p className={`figure-number ${isBlocked ? 'text-2xl' : 'text-4xl'}`}>{timeOfDay(appointment.startsAt)}</p>
        <p className="soft sm:mt-1">{appointment.minutes} min</p>
      </div>
      <div className="min-w-0">
        <h2 className={isBlocked ? 'text-xl' : 'text-2xl'}>
          {clientId === null ? (
            appointment.words || appointment.label
          ) : (
            <Link to={`/clients/${clientId}`} className="hover:underline">
              {clientName}
            </Link>
          )}
        </h2>
        {appointment.place && <p className="soft">{appointment.place}</p>}
        <p className="mt-1 flex flex-wrap items-center gap-2">
          <span className="tag">{appointment.label}</span>
          {appointment.isOfRow && <span className="tag">Repeats</span>}
          {clientId !== null && appointment.words}
        </p>
        {appointment.overlaps.length > 0 && (
          <p className="mt-1">
            <span className="tag look-here">Same time</span> {appointment.overlaps.join('; ')}
          </p>
        )}
      </div>
      <div className="flex flex-col gap-2 sm:w-60">
        {kind === 'assessment' && (
          <Link to={`/clients/${clientId}/health`} className="btn btn-primary">
            <ClipboardCheck className="size-5" aria-hidden="true" /> Questions and checks
          </Link>
        )}
        <button
          ref={opener}
          type="button"
          className="btn btn-ghost btn-sm"
          aria-expanded={isChanging}
          aria-label={`Change or take off: ${clientName ?? (appointment.words || appointment.label)}, ${timeOfDay(appointment.startsAt)}`}
          onClick={() => setIsChanging(!isChanging)}
        >
          <CalendarClock className="size-4" aria-hidden="true" /> Change or take off
        </button>
      </div>
      {isChanging && (
        <div className="ledge-thin col-span-full rounded-md bg-base-200 p-4">
          <AddAppointment
            kind={kind}
            date={appointment.startsAt.slice(0, 10)}
            appointment={appointment}
            onDone={shut}
          />
          <p className="mt-2 flex flex-wrap gap-2 border-t border-base-300 pt-3">
            <button
              type="button"
              className="btn btn-outline btn-sm"
              disabled={remove.isPending}
              onClick={() => remove.mutate({ appointment, andLater: false })}
            >
              {appointment.isOfRow ? 'Take this one off' : 'Take it off the Round'}
            </button>
            {appointment.isOfRow && (
              <button
                type="button"
                className="btn btn-outline btn-sm"
                disabled={remove.isPending}
                onClick={() => remove.mutate({ appointment, andLater: true })}
              >
                Take off this one and all after it
              </button>
            )}
          </p>
        </div>
      )}
    </li>
  )
}
