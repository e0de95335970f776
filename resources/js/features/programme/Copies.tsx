import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import type { Programme, Template } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { FormProblem, Loading, Problem } from '../../shared/ui'
import { visitedOptions } from '../clients'
import { copyableOptions, useCopy, useDiscard } from './queries'
import { weekdays } from './PlanForm'

/** Copies what is shown: a session, a week or all of it, to another client or into a template. */
export function CopyForm({ programme, week }: { programme: Programme; week: number }) {
  const clients = useQuery(visitedOptions)
  const copy = useCopy()
  const navigate = useNavigate()
  const [what, setWhat] = useState('all')
  const [whom, setWhom] = useState('template')
  const sessions = programme.weeks.find((one) => one.number === week)?.sessions ?? []
  const send = () => {
    const part = what === 'all' ? {} : what === 'week' ? { week } : { week, weekday: Number(what) }
    const day = what === 'all' || what === 'week' ? '' : ` · ${weekdays[Number(what) - 1]}`
    copy.mutate(
      {
        programme: Number(programme.id),
        ...part,
        ...(whom === 'template' ? {} : { clientId: Number(whom) }),
        name: what === 'all' ? programme.name : `${programme.name}, week ${week}${day}`,
      },
      {
        onSuccess: (made) => {
          if (whom === 'template') toast(`${made.name} is kept as a template`)
          else void navigate(`/clients/${whom}/programme/${made.id}/review`)
        },
      },
    )
  }
  return (
    <details className="mt-6">
      <summary className="cursor-pointer font-semibold">Copy to another client, or keep as a template</summary>
      <form
        className="mt-2 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          send()
        }}
      >
        <label className="text-sm font-semibold">
          What
          <select className="select select-sm block" value={what} onChange={(event) => setWhat(event.target.value)}>
            <option value="all">The whole programme</option>
            <option value="week">Week {week}</option>
            {sessions.map((session) => (
              <option key={session.weekday} value={session.weekday}>
                {session.day} of week {week}
              </option>
            ))}
          </select>
        </label>
        <label className="text-sm font-semibold">
          For
          <select className="select select-sm block" value={whom} onChange={(event) => setWhom(event.target.value)}>
            <option value="template">a template of my own</option>
            {(clients.data ?? [])
              .filter((client) => client.id !== programme.clientId)
              .map((client) => (
                <option key={client.id} value={client.id}>
                  {client.name}
                </option>
              ))}
          </select>
        </label>
        <button className="btn btn-sm" disabled={copy.isPending}>
          {copy.isPending ? 'Copying…' : 'Copy it'}
        </button>
        <FormProblem error={copy.error} />
      </form>
    </details>
  )
}

/** The third way in: templates, and what other clients do. */
export function FromCopies({ clientId }: { clientId: number }) {
  const all = useQuery(copyableOptions)
  const { discard, putBack } = useDiscard()
  const copy = useCopy()
  const navigate = useNavigate()
  if (all.isPending) return <Loading what="what there is" />
  if (all.isError) return <Problem error={all.error} onRetry={() => void all.refetch()} />
  const take = (one: Template) =>
    copy.mutate(
      { programme: one.id, clientId },
      { onSuccess: (made) => void navigate(`/clients/${clientId}/programme/${made.id}/review`) },
    )
  return (
    <section aria-label="To copy">
      {all.data.length === 0 && (
        <p className="soft">
          Nothing to copy yet: keep a programme as a template, or plan one for another client first.
        </p>
      )}
      <ul>
        {all.data.map((one) => (
          <li key={one.id} className="flex flex-wrap items-baseline gap-x-3 border-b border-base-300 py-2">
            <span className="grow">
              <strong>{one.name}</strong>
              <span className="soft">
                {' '}
                · {one.client === null ? 'a template' : `${one.client}, ${one.state}`} · {counted(one.weeks, 'week')},{' '}
                {counted(one.sessions, 'session')}
              </span>
            </span>
            {one.client === null && (
              <button
                type="button"
                className="btn btn-ghost btn-sm"
                disabled={discard.isPending}
                onClick={() =>
                  discard.mutate(one.id, {
                    onSuccess: () =>
                      toast(`${one.name} is thrown away`, {
                        action: { label: 'Undo', onClick: () => putBack.mutate(one.id) },
                      }),
                  })
                }
              >
                Throw away
              </button>
            )}
            <button type="button" className="btn btn-sm" disabled={copy.isPending} onClick={() => take(one)}>
              Copy it here
            </button>
          </li>
        ))}
      </ul>
      <FormProblem error={copy.error} />
    </section>
  )
}
