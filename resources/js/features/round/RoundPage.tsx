import { useQuery } from '@tanstack/react-query'
import { CalendarPlus, Printer } from 'lucide-react'
import { useEffect, useRef } from 'react'
import { Link, useSearchParams } from 'react-router'
import { briefDay, longDay } from '../../shared/lib/time'
import { Empty, Loading, PageTitle, Problem } from '../../shared/ui'
import { clientsOptions } from '../clients'
import { AsOf, packDays } from '../floor'
import { AddToRound } from './AddAppointment'
import { AddVisit } from './AddVisit'
import { AppointmentRow } from './AppointmentRow'
import { FallsDue } from './FallsDue'
import { FirstSteps } from './FirstSteps'
import { roundOptions } from './queries'
import { VisitRow } from './VisitRow'
import { WeekStrip } from './WeekStrip'

/** Today's visits in order, with the week around them. */
export function RoundPage() {
  const [search, setSearch] = useSearchParams()
  const date = search.get('date') ?? ''
  const round = useQuery({ ...roundOptions(date), placeholderData: (before) => before })
  const clients = useQuery(clientsOptions)
  const adder = useRef<HTMLButtonElement>(null)
  const isAdding = search.get('add') === 'visit'
  const today = date === '' && round.data?.isKept !== true ? round.data : undefined
  useEffect(() => {
    // Today’s and tomorrow’s sessions are wanted where there is no network; what cannot be fetched now is fetched then.
    if (today !== undefined && navigator.onLine) packDays().catch(() => undefined)
  }, [today])
  if (round.isPending) return <Loading what="the round" />
  if (round.data === undefined) return <Problem isPage error={round.error} onRetry={() => void round.refetch()} />
  const { visits, appointments, week, nextDate } = round.data
  // What an earlier version kept on the device has none.
  const stops = [...visits, ...(appointments ?? [])].sort((one, other) => one.startsAt.localeCompare(other.startsAt))
  const go = (to: string) => setSearch({ date: to })
  const added = (to: string) => {
    go(to)
    adder.current?.focus()
  }
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="soft" aria-hidden="true">
            Round
          </p>
          <PageTitle title={`Round · ${longDay(round.data.date)}`} className="text-4xl">
            <span className="sr-only">Round: </span>
            {longDay(round.data.date)}
          </PageTitle>
        </div>
        <div className="no-print order-last flex w-full flex-wrap gap-2 sm:order-none sm:ml-auto sm:w-auto">
          <button
            ref={adder}
            type="button"
            className="btn btn-outline btn-sm"
            aria-expanded={isAdding}
            onClick={() => setSearch({ ...(date !== '' && { date }), ...(!isAdding && { add: 'visit' }) })}
          >
            <CalendarPlus className="size-4" aria-hidden="true" /> Add a visit
          </button>
          {stops.length > 0 && (
            <Link to={`/round/${round.data.date}/print`} className="btn btn-ghost btn-sm">
              <Printer className="size-4" aria-hidden="true" /> Print the day
            </Link>
          )}
        </div>
        <WeekStrip week={week} shown={round.data.date} onPick={go} onToday={() => setSearch({})} />
      </div>
      <AsOf of={round} />
      {clients.data !== undefined && <FirstSteps clients={clients.data} />}
      {isAdding && (
        <AddToRound
          key={round.data.date}
          date={round.data.date}
          onDone={added}
          session={<AddVisit date={round.data.date} onDone={added} />}
        />
      )}
      {stops.length === 0 ? (
        <Empty title="No visits on this day">
          <p>
            A visit appears here when a client’s programme has a session on the day; what has none is put here by hand.
          </p>
          {nextDate && (
            <button type="button" className="btn btn-primary" onClick={() => go(nextDate)}>
              Next visits: {briefDay(nextDate)}
            </button>
          )}
          <p>
            <Link to="/clients" className="link">
              All clients
            </Link>
          </p>
        </Empty>
      ) : (
        <ol className="mt-6">
          {stops.map((stop) =>
            'sessionId' in stop ? (
              <VisitRow key={`session ${stop.sessionId}`} visit={stop} />
            ) : (
              <AppointmentRow key={`appointment ${stop.id}`} appointment={stop} />
            ),
          )}
        </ol>
      )}
      {date === '' && <FallsDue />}
    </>
  )
}
