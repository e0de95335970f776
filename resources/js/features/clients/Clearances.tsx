import { useState } from 'react'
import { toast } from 'sonner'
import { z } from 'zod'
import { api, type Health } from '../../shared/api'
import { needed, optional, useEntry } from '../../shared/form'
import { briefDay } from '../../shared/lib/time'
import { TextInput, Trouble } from '../../shared/ui'
import { sent } from './PersonFields'
import { useHealthChange } from './queries'

const schema = z.object({
  givenOn: needed('On which day was it given?'),
  expiresOn: optional,
  givenBy: needed('Who gave it?'),
  allows: needed('What does it allow, in the clinician’s words?'),
})

export function ClearanceForm({ health }: { health: Health }) {
  const open = health.locks.map((lock) => lock.question).filter((question) => question !== null)
  const [lifts, setLifts] = useState<string[]>([])
  const clear = useHealthChange(health.clientId, (what: Record<string, unknown>) =>
    api.post<Health>(`clients/${health.clientId}/clearances`, what),
  )
  const entry = useEntry({
    schema,
    initial: { givenOn: '', expiresOn: '', givenBy: '', allows: '' },
    draft: `clearance-${health.clientId}`,
    isSecret: true,
    send: (entered) => clear.mutateAsync({ ...sent(entered), questions: open, lifts }),
    onSent: () => toast.success('The clearance is noted'),
  })
  const { field } = entry
  if (open.length === 0) return null
  return (
    <form className="paper p-5" aria-label="Clearance" {...entry.form}>
      <h2 className="text-xl">Note a clearance</h2>
      <p className="soft text-sm">
        It covers:{' '}
        {health.questions
          .filter(({ id }) => open.includes(id))
          .map(({ ask }) => ask)
          .join(' ')}
      </p>
      <div className="mt-3 grid gap-x-4 sm:grid-cols-2">
        <TextInput label="Given on" type="date" {...field('givenOn')} />
        <TextInput label="Runs out on" type="date" hint="May stay empty" {...field('expiresOn')} />
        <TextInput label="By whom" {...field('givenBy')} />
        <TextInput label="What it allows" hint="In the clinician’s words" {...field('allows')} />
      </div>
      {health.limits.some((limit) => limit.source === 'health') && (
        <fieldset className="mb-2">
          <legend className="text-sm font-semibold">Limits it lifts</legend>
          {health.limits
            .filter((limit) => limit.source === 'health')
            .map((limit) => (
              <label key={limit.id} className="mr-5 inline-flex items-center gap-2 py-1">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={lifts.includes(limit.id)}
                  onChange={(event) =>
                    setLifts(event.target.checked ? [...lifts, limit.id] : lifts.filter((id) => id !== limit.id))
                  }
                />
                {limit.label}
              </label>
            ))}
        </fieldset>
      )}
      <Trouble words={entry.problem} />
      <button className="btn btn-primary btn-sm" disabled={entry.isSending}>
        Note the clearance
      </button>
    </form>
  )
}

export function Clearances({ health }: { health: Health }) {
  const withdraw = useHealthChange(health.clientId, (id: number) =>
    api.delete<Health>(`clients/${health.clientId}/clearances/${id}`),
  )
  if (health.clearances.length === 0) return null
  return (
    <section aria-label="Clearances">
      <h2 className="text-xl">Clearances</h2>
      <ul className="mt-1">
        {health.clearances.map((clearance) => (
          <li key={clearance.id} className="flex flex-wrap items-start gap-x-4 border-b border-base-300 py-2">
            <span className="grow basis-64">
              <strong>{clearance.allows}</strong>
              <span className="soft block text-sm">
                {clearance.givenBy}, {briefDay(clearance.givenOn)}
                {clearance.expiresOn ? `, until ${briefDay(clearance.expiresOn)}` : ''}
              </span>
            </span>
            <button type="button" className="btn btn-ghost btn-sm" onClick={() => withdraw.mutate(clearance.id)}>
              Withdraw
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
