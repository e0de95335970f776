import { useState } from 'react'
import { toast } from 'sonner'
import { z } from 'zod'
import type { Exercise, Variant } from '../../shared/api'
import { FormEnd, needed, optional, useEntry } from '../../shared/form'
import { TextArea, TextInput } from '../../shared/ui'
import { useRemoveVariant, useSaveVariant, type VariantEntry } from './queries'

const lines = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)

const schema = z.object({
  name: needed('Give your version a name of its own.'),
  setUp: optional,
  outward: optional,
  inward: optional,
  breath: optional,
  note: optional,
})

interface VersionFormProps {
  exercise: Exercise
  variant: Variant | null
  onDone: () => void
}

function VersionForm({ exercise, variant, onDone }: VersionFormProps) {
  const from = variant ?? {
    name: '',
    setUp: exercise.cues.setUp,
    outward: exercise.cues.movement,
    inward: exercise.cues.inward,
    breath: exercise.cues.breath,
    note: '',
  }
  const save = useSaveVariant(variant?.id ?? null)
  const entry = useEntry({
    schema,
    initial: {
      name: from.name,
      setUp: from.setUp.join('\n'),
      outward: from.outward.join('\n'),
      inward: from.inward.join('\n'),
      breath: from.breath,
      note: from.note,
    },
    draft: `version-${variant?.id ?? exercise.id}`,
    // One line of several is marked as the field it stands in.
    fieldOf: (name) => name.replace(/\..*$/, ''),
    send: async (entered) => {
      const kept: VariantEntry = {
        exercise: exercise.id,
        name: entered.name,
        setUp: lines(entered.setUp),
        outward: lines(entered.outward),
        inward: lines(entered.inward),
        breath: entered.breath,
        note: entered.note,
      }
      const saved = await save.mutateAsync(kept)
      toast.success(`${saved.name} is kept`)
    },
    onSent: onDone,
  })
  const text = (name: keyof typeof entry.entered, label: string, hint: string, rows: number) => (
    <TextArea label={label} hint={hint} rows={rows} {...entry.field(name)} />
  )
  return (
    <form className="paper grid gap-2 p-5" aria-label="Your own version" {...entry.form}>
      <TextInput label="Name" hint="A name of its own, beside the shipped one" {...entry.field('name')} />
      {text('setUp', 'Set up', 'One cue to a line', 2)}
      {text('outward', 'What to do', 'One cue to a line', 3)}
      {text('inward', 'Where it works', 'One cue to a line', 2)}
      {text('breath', 'Breath', '', 1)}
      {text('note', 'Note to yourself', 'Kept apart from the instructions', 2)}
      <FormEnd entry={entry} keep="Keep this version" keeping="Keeping it…" leave="Cancel" onLeave={onDone} />
    </form>
  )
}

/** The trainer's own versions of an exercise, kept apart from what ships. */
export function Versions({ exercise }: { exercise: Exercise }) {
  const [open, setOpen] = useState<Variant | 'new' | null>(null)
  const { remove, putBack } = useRemoveVariant()
  return (
    <section aria-label="Your versions">
      <h2 className="text-xl">Your versions</h2>
      {exercise.variants.map((variant) => (
        <article key={variant.id} className="border-b border-base-300 py-3">
          <div className="flex flex-wrap items-baseline gap-3">
            <h3 className="grow text-lg">{variant.name}</h3>
            <button type="button" className="btn btn-sm btn-ghost" onClick={() => setOpen(variant)}>
              Edit
            </button>
            <button
              type="button"
              className="btn btn-sm btn-ghost"
              onClick={() =>
                remove.mutate(variant.id, {
                  onSuccess: () =>
                    toast(`${variant.name} is gone`, {
                      action: { label: 'Put it back', onClick: () => putBack.mutate(variant.id) },
                    }),
                })
              }
            >
              Remove
            </button>
          </div>
          <ul className="list-disc pl-5">
            {[...variant.setUp, ...variant.outward, ...variant.inward].map((cue) => (
              <li key={cue}>{cue}</li>
            ))}
          </ul>
          {variant.note && <p className="soft mt-1">{variant.note}</p>}
        </article>
      ))}
      {open === null ? (
        <button type="button" className="btn btn-outline mt-2" onClick={() => setOpen('new')}>
          Copy and make it yours
        </button>
      ) : (
        <VersionForm
          key={open === 'new' ? 'new' : open.id}
          exercise={exercise}
          variant={open === 'new' ? null : open}
          onDone={() => setOpen(null)}
        />
      )}
    </section>
  )
}
