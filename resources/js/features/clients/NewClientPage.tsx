import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { ApiError } from '../../shared/api'
import { FormProblem, PageTitle, TextInput } from '../../shared/ui'
import { nobody, PersonFields, sent } from './PersonFields'
import { clientsOptions, useAddClient } from './queries'

/** The first visit: who it is and the two measures every sum needs. */
export function NewClientPage() {
  const [person, setPerson] = useState(nobody)
  const [body, setBody] = useState({ heightCm: '', bodyMassKg: '' })
  const clients = useQuery(clientsOptions)
  const add = useAddClient()
  const navigate = useNavigate()
  const error = add.error instanceof ApiError ? add.error : null
  return (
    <div className="max-w-3xl">
      <PageTitle title="A new client" className="text-4xl">
        A new client
      </PageTitle>
      <p className="soft mt-2">Height and body mass first: every sum uses these two. The health questions come next.</p>
      <form
        className="mt-6 space-y-2"
        noValidate
        aria-label="A new client"
        onSubmit={(event) => {
          event.preventDefault()
          add.mutate(sent({ ...person, ...body }), {
            onSuccess: (client) => void navigate(`/clients/${client.id}/health`),
          })
        }}
      >
        <div className="grid gap-x-4 sm:grid-cols-2">
          <TextInput
            label="Height"
            unit="cm"
            value={body.heightCm}
            onChange={(heightCm) => setBody({ ...body, heightCm })}
            error={error?.about('heightCm')}
          />
          <TextInput
            label="Body mass"
            unit="kg"
            value={body.bodyMassKg}
            onChange={(bodyMassKg) => setBody({ ...body, bodyMassKg })}
            error={error?.about('bodyMassKg')}
          />
        </div>
        <PersonFields
          person={person}
          onChange={setPerson}
          error={error}
          household={(clients.data ?? []).map((client) => [String(client.id), client.name])}
        />
        <FormProblem error={add.error} />
        <div className="flex flex-wrap gap-3 pt-2">
          <button className="btn btn-primary" disabled={add.isPending}>
            {add.isPending ? 'Writing it down…' : 'Go on to the health questions'}
          </button>
          <Link to="/clients" className="btn btn-ghost">
            Not now
          </Link>
        </div>
      </form>
    </div>
  )
}
