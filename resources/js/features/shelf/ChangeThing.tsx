import { useState } from 'react'
import { toast } from 'sonner'
import { ApiError, type ShelfItem } from '../../shared/api'
import { FormProblem } from '../../shared/ui'
import { entryOf, fieldsOfThing } from './entry'
import { useChangeThing } from './queries'
import { ThingFields } from './ThingFields'

/** A thing of the shelf put right: its name, how many there are, what it weighs or measures. */
export function ChangeThing({ clientId, item, onDone }: { clientId: number; item: ShelfItem; onDone: () => void }) {
  const [entered, setEntered] = useState(() => fieldsOfThing(item))
  const change = useChangeThing(clientId, item.id)
  const error = change.error instanceof ApiError ? change.error : null
  return (
    <form
      className="mt-2 grid w-full max-w-md gap-2"
      noValidate
      aria-label={`Change ${item.name}`}
      onSubmit={(event) => {
        event.preventDefault()
        change.mutate(entryOf('', entered, undefined), {
          onSuccess: () => {
            toast.success(`${entered.name ?? item.name} is changed`)
            onDone()
          },
        })
      }}
    >
      <ThingFields
        value={(name) => entered[name] ?? ''}
        onChange={(name, text) => setEntered({ ...entered, [name]: text })}
        onMass={(mass) => setEntered({ ...entered, massKg: String(mass.massKg), certainty: mass.certainty })}
        error={error}
        isNew={false}
      />
      {error && error.status !== 422 && <FormProblem error={error} />}
      <div className="flex gap-2">
        <button className="btn btn-primary" disabled={change.isPending}>
          Keep the change
        </button>
        <button type="button" className="btn btn-ghost" onClick={onDone}>
          Leave it as it was
        </button>
      </div>
    </form>
  )
}
