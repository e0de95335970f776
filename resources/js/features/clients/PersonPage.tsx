import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { toast } from 'sonner'
import { z } from 'zod'
import type { Client, SessionSummary } from '../../shared/api'
import { FormEnd, useEntry } from '../../shared/form'
import { briefDay, longDay, timeOfDay } from '../../shared/lib/time'
import { Limits, Loading, Problem, RequiredNote, TextInput } from '../../shared/ui'
import { limbEntry, limbField, LimbFields, limbSchema, limbsSent } from './LimbFields'
import { heightHint, massHint, measureFields } from './measures'
import { PersonFields, personOf, personSchema, sent } from './PersonFields'
import { clientOptions, clientsOptions, useArchive, useChangeClient, useDemoClient } from './queries'

function Measure({ value, unit, name }: { value: number; unit: string; name: string }) {
  return (
    <div>
      <dd>
        <span className="figure-number text-4xl">{value}</span> <span className="font-semibold">{unit}</span>
      </dd>
      <dt className="soft text-sm">{name}</dt>
    </div>
  )
}

const measureSchema = z.object({ ...measureFields, ...limbSchema })

/** Height, mass and limbs measured anew; what was measured before is kept with its day. */
function NewMeasures({ person, onDone }: { person: Client; onDone: () => void }) {
  const measure = useChangeClient(person.id, '/measures', 'post')
  const entry = useEntry({
    schema: measureSchema,
    initial: {
      heightCm: String(person.heightCm),
      bodyMassKg: String(person.bodyMassKg),
      ...limbEntry(person.limbsCm),
    },
    draft: `measures-${person.id}`,
    isSecret: true,
    fieldOf: limbField,
    send: (entered) =>
      measure.mutateAsync({
        heightCm: entered.heightCm,
        bodyMassKg: entered.bodyMassKg,
        limbsCm: limbsSent(entered),
      }),
    onSent: () => {
      onDone()
      toast.success('Measured; every sum follows')
    },
  })
  return (
    <form className="paper mt-3 p-4" aria-label="New measures" {...entry.form}>
      <RequiredNote />
      <div className="grid grid-cols-2 gap-x-4">
        <TextInput label="Height" hint={heightHint} autoFocus {...entry.field('heightCm')} />
        <TextInput label="Body mass" hint={massHint} {...entry.field('bodyMassKg')} />
        <LimbFields field={entry.field} />
      </div>
      <FormEnd entry={entry} keep="Keep these measures" onLeave={onDone} isSmall />
    </form>
  )
}

function Body({ person }: { person: Client }) {
  const [measuring, setMeasuring] = useState(false)
  const older = person.measures.slice(1)
  return (
    <section aria-label="Body">
      <h2 className="text-xl">Body</h2>
      <dl className="mt-3 flex gap-10">
        <Measure value={person.heightCm} unit="cm" name="height" />
        <Measure value={person.bodyMassKg} unit="kg" name="body mass" />
      </dl>
      <p className="soft mt-2 text-sm">Measured on {longDay(person.measuredOn)}. Every sum uses these two.</p>
      {older.length > 0 && (
        <p className="soft text-sm">
          Before: {older.map((one) => `${one.bodyMassKg} kg on ${briefDay(one.measuredOn)}`).join('; ')}
        </p>
      )}
      {measuring ? (
        <NewMeasures person={person} onDone={() => setMeasuring(false)} />
      ) : (
        <button type="button" className="btn btn-outline btn-sm mt-3" onClick={() => setMeasuring(true)}>
          Measure again
        </button>
      )}
    </section>
  )
}

function Sessions({ sessions }: { sessions: SessionSummary[] }) {
  if (sessions.length === 0) return <p className="soft mt-2">No session is planned. The ledger keeps what was done.</p>
  return (
    <ul className="mt-2">
      {sessions.map((session) => (
        <li key={session.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-3">
          <span className="min-w-36">
            <strong>{briefDay(session.startsAt)}</strong>, {timeOfDay(session.startsAt)}
          </span>
          <span className="grow">{session.name}</span>
          {session.swapsNeeded > 0 && <span className="tag look-here">{session.swapsNeeded} to swap</span>}
          <Link reloadDocument to={`/floor/${session.id}`} className="btn btn-sm btn-outline">
            {session.state === 'running' ? 'Back to the Floor' : 'Open the Floor'}
          </Link>
        </li>
      ))}
    </ul>
  )
}

const trained: Record<string, string> = {
  beginner: 'new to it',
  some: 'some months of training',
  years: 'years of training',
}

/** What is known, each under its name; what is not is left out. */
function Facts({ facts }: { facts: [string, React.ReactNode][] }) {
  return (
    <dl className="mt-3 grid grid-cols-[8.5rem_1fr] gap-x-4 gap-y-1">
      {facts
        .filter(([, said]) => Boolean(said))
        .map(([name, said]) => (
          <div key={name} className="contents">
            <dt className="soft">{name}</dt>
            <dd>{said}</dd>
          </div>
        ))}
    </dl>
  )
}

function About({ person, onEdit }: { person: Client; onEdit: () => void }) {
  const facts: [string, React.ReactNode][] = [
    ['Training', trained[person.experience] ?? ''],
    [
      'Time',
      [person.daysPerWeek ? `${person.daysPerWeek} days a week` : '', person.minutes ? `${person.minutes} minutes` : '']
        .filter(Boolean)
        .join(', '),
    ],
    ['Who', [person.age === null ? '' : `${person.age} years`, person.sex].filter(Boolean).join(', ')],
    ['Likes', person.likes],
    ['Dislikes', person.dislikes],
    [
      'Guardian',
      person.guardian ? `${person.guardian}, consented on ${person.guardianOn ? briefDay(person.guardianOn) : ''}` : '',
    ],
    ['Kit', person.kitFromName ? `shared with ${person.kitFromName}` : ''],
  ]
  return (
    <section aria-label="Goal and habits">
      <h2 className="text-xl">Goal and habits</h2>
      <div className="mt-3 flex flex-wrap gap-2">
        <span className="tag">{person.goal}</span>
        <Limits limits={person.limits} />
        {person.limits.length === 0 && <span className="soft">No limits in force</span>}
      </div>
      <Facts facts={facts} />
      {person.note && <p className="mt-3">{person.note}</p>}
      <button type="button" className="btn btn-outline btn-sm mt-3" onClick={onEdit}>
        Change
      </button>
    </section>
  )
}

const aboutSchema = z.object(personSchema)

function EditAbout({ person, onDone }: { person: Client; onDone: () => void }) {
  const clients = useQuery(clientsOptions)
  const change = useChangeClient(person.id)
  const entry = useEntry({
    schema: aboutSchema,
    initial: personOf(person),
    draft: `person-${person.id}`,
    isSecret: true,
    send: (entered) => change.mutateAsync(sent(entered)),
    onSent: onDone,
  })
  return (
    <form className="paper p-5" aria-label="Goal and habits" {...entry.form}>
      <h2 className="mb-3 text-xl">Goal and habits</h2>
      <RequiredNote />
      <PersonFields
        field={entry.field}
        household={(clients.data ?? [])
          .filter((client) => client.id !== person.id)
          .map((client) => [String(client.id), client.name])}
      />
      <FormEnd entry={entry} keep="Keep this" onLeave={onDone} isSmall />
    </form>
  )
}

/** Where they are and whom to call: a number is one tap away. */
function Reach({ person }: { person: Client }) {
  const { place, telephone, email, emergencyContact, doctor } = person
  const facts: [string, React.ReactNode][] = [
    ['Where', place],
    [
      'Telephone',
      telephone && (
        <a className="link inline-block min-h-6" href={`tel:${telephone.replaceAll(/[^+\d]/g, '')}`}>
          {telephone}
        </a>
      ),
    ],
    [
      'E-mail',
      email && (
        <a className="link inline-block min-h-6 break-all" href={`mailto:${email}`}>
          {email}
        </a>
      ),
    ],
    ['In an emergency', emergencyContact && <strong>{emergencyContact}</strong>],
    ['Doctor', doctor],
  ]
  return facts.some(([, said]) => Boolean(said)) ? (
    <section aria-label="Where, and whom to call">
      <h2 className="text-xl">Where, and whom to call</h2>
      <Facts facts={facts} />
    </section>
  ) : null
}

/** Somebody who is not visited any more: out of the way, and brought back with all that was done. */
function PutAway({ person }: { person: Client }) {
  const clients = useQuery(clientsOptions)
  const archive = useArchive()
  const demo = useDemoClient()
  const navigate = useNavigate()
  const isArchived = clients.data?.find((client) => client.id === person.id)?.isArchived ?? false
  if (clients.data?.some((client) => client.id === person.id && client.isDemo) === true) {
    return (
      <section aria-label="Nobody real">
        <p>{person.name} is nobody real: somebody to try things on.</p>
        <button
          type="button"
          className="btn btn-outline btn-sm mt-2"
          disabled={demo.isPending}
          onClick={() => demo.mutate(true, { onSuccess: () => void navigate('/') })}
        >
          Take her away, with all that was done
        </button>
      </section>
    )
  }
  const put = (away: boolean) =>
    archive.mutate(
      { clientId: person.id, away },
      {
        onSuccess: () =>
          away
            ? toast(`${person.name} is put away: no visits on the Round, everything kept`, {
                action: { label: 'Bring back', onClick: () => archive.mutate({ clientId: person.id, away: false }) },
              })
            : toast.success(`${person.name} is back`),
        onError: (error) => toast.error(error.message),
      },
    )
  return (
    <section aria-label="Put away">
      <button
        type="button"
        className="btn btn-outline btn-sm"
        disabled={archive.isPending || clients.isPending}
        onClick={() => put(!isArchived)}
      >
        {isArchived ? `Bring ${person.name} back` : 'Not visited any more: put away'}
      </button>
      <p className="soft mt-1 text-sm">
        {isArchived
          ? 'Put away: their visits are off the Round. Everything that was done is kept.'
          : 'Visits leave the Round; everything that was done is kept, and they can be brought back.'}
      </p>
    </section>
  )
}

export function PersonPage() {
  const client = useQuery(clientOptions(Number(useParams().clientId)))
  const [editing, setEditing] = useState(false)
  if (client.isPending) return <Loading what="the client" />
  if (client.isError) return <Problem error={client.error} />
  const person = client.data
  return (
    <div className="grid gap-10 lg:grid-cols-[1fr_1.2fr]">
      <div className="space-y-8">
        <Body person={person} />
        {editing ? (
          <EditAbout person={person} onDone={() => setEditing(false)} />
        ) : (
          <About person={person} onEdit={() => setEditing(true)} />
        )}
        <PutAway person={person} />
      </div>
      <div className="space-y-8">
        <Reach person={person} />
        {person.locks.length > 0 && (
          <section className="caution" aria-label="Locked">
            <div>
              <p className="font-semibold">No session starts today.</p>
              <ul>
                {person.locks.map((lock) => (
                  <li key={lock}>{lock}</li>
                ))}
              </ul>
              <Link to={`/clients/${person.id}/health`} className="link font-semibold">
                What to do about it
              </Link>
            </div>
          </section>
        )}
        <section>
          <h2 className="text-xl">Next sessions</h2>
          <Sessions sessions={person.sessions} />
          <p className="mt-4">
            <Link to={`/clients/${person.id}/shelf`} className="link">
              {person.shelfCount} things on the shelf
            </Link>
          </p>
        </section>
      </div>
    </div>
  )
}
