import { toast } from 'sonner'
import { z } from 'zod'
import type { ShelfItem } from '../../shared/api'
import { FormEnd, needed, useEntry } from '../../shared/form'
import { entryOf, fieldsOfThing } from './entry'
import { useChangeThing } from './queries'
import { ThingFields } from './ThingFields'

const schema = z.looseObject({
  name: needed('What does the client call it?'),
  count: needed('How many are there?'),
}) as unknown as z.ZodType<Record<string, string>, Record<string, string>>

/** A thing of the shelf put right: its name, how many there are, what it weighs or measures. */
export function ChangeThing({ clientId, item, onDone }: { clientId: number; item: ShelfItem; onDone: () => void }) {
  const change = useChangeThing(clientId, item.id)
  const entry = useEntry<Record<string, string>>({
    schema,
    initial: fieldsOfThing(item),
    draft: `thing-${item.id}`,
    send: (entered) => change.mutateAsync(entryOf('', entered, undefined)),
    onSent: (entered) => {
      toast.success(`${entered.name ?? item.name} is changed`)
      onDone()
    },
  })
  return (
    <form className="mt-2 grid w-full max-w-md gap-2" aria-label={`Change ${item.name}`} {...entry.form}>
      <ThingFields
        value={(name) => entry.entered[name] ?? ''}
        onChange={entry.set}
        onMass={(mass) => {
          entry.set('massKg', String(mass.massKg))
          entry.set('certainty', mass.certainty)
        }}
        error={{ about: entry.messageOf }}
        isNew={false}
      />
      <FormEnd entry={entry} keep="Keep the change" leave="Leave it as it was" onLeave={onDone} />
    </form>
  )
}
