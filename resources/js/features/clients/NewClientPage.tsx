import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { z } from 'zod'
import type { Client } from '../../shared/api'
import { useEntry } from '../../shared/form'
import { PageTitle, RequiredNote, TextInput, Trouble } from '../../shared/ui'
import { limbEntry, limbField, LimbFields, limbSchema, limbsSent } from './LimbFields'
import { heightHint, massHint, measureFields } from './measures'
import { AimFields, Group, KeptFields, nobody, personSchema, ReachFields, sent, WhoFields } from './PersonFields'
import { clientsOptions, useAddClient } from './queries'

const schema = z.object({
  ...personSchema,
  ...measureFields,
  ...limbSchema,
})

/** The first visit: who it is and the two measures every sum needs. */
export function NewClientPage() {
  const clients = useQuery(clientsOptions)
  const add = useAddClient()
  const navigate = useNavigate()
  const entry = useEntry({
    schema,
    initial: { ...nobody, heightCm: '', bodyMassKg: '', ...limbEntry({}) },
    draft: 'new-client',
    isSecret: true,
    fieldOf: limbField,
    send: async (entered) => {
      const client: Client = await add.mutateAsync({ ...sent(entered), limbsCm: limbsSent(entered) })
      await navigate(`/clients/${client.id}/health`)
    },
  })
  const { field } = entry
  return (
    <div className="max-w-3xl">
      <PageTitle title="A new client" className="text-4xl">
        A new client
      </PageTitle>
      <p className="soft mt-2">
        Name, height and body mass are needed; every sum uses the last two. The health questions come next.
      </p>
      {entry.hasDraft && (
        <p className="mt-2">
          What you had begun is still here.{' '}
          <button type="button" className="link" onClick={entry.forget}>
            Begin anew
          </button>
        </p>
      )}
      <form className="mt-6 space-y-2" aria-label="A new client" {...entry.form}>
        <RequiredNote />
        <div className="grid gap-x-4 sm:grid-cols-2">
          <WhoFields field={field} />
          <TextInput label="Height" hint={heightHint} {...field('heightCm')} />
          <TextInput label="Body mass" hint={massHint} {...field('bodyMassKg')} />
        </div>
        <details className="pb-3">
          <summary className="cursor-pointer py-1 font-semibold">Limbs, where they were measured</summary>
          <p className="soft mb-2 text-sm">Joint to joint. Without them the sums take what is usual at this height.</p>
          <div className="grid gap-x-4 sm:grid-cols-3">
            <LimbFields field={field} />
          </div>
        </details>
        <Group title="Training">
          <AimFields field={field} />
        </Group>
        <Group title="Where, and whom to call" note="Telephone, e-mail, emergency and doctor are kept encrypted.">
          <ReachFields field={field} />
        </Group>
        <KeptFields field={field} household={(clients.data ?? []).map((client) => [String(client.id), client.name])} />
        <Trouble words={entry.problem} />
        <div className="flex flex-wrap gap-3 pt-2">
          <button className="btn btn-primary" disabled={entry.isSending}>
            {entry.isSending ? 'Writing it down…' : 'Go on to the health questions'}
          </button>
          <Link to="/clients" className="btn btn-ghost">
            Not now
          </Link>
        </div>
      </form>
    </div>
  )
}
