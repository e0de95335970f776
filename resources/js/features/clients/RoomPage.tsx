import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { toast } from 'sonner'
import { z } from 'zod'
import { api, type Home, type LimitEffect, type LimitEffects } from '../../shared/api'
import { optional, useEntry } from '../../shared/form'
import { differenceInWords } from '../../shared/lib/counts'
import { Choice, Loading, Problem, TextArea, TextInput, Toggle, Trouble } from '../../shared/ui'
import { sent } from './PersonFields'
import { clientOptions, limitsOptions, useLimitChange } from './queries'

const fromElsewhere: Record<string, string> = { health: 'from the health answers', age: 'by age' }

/** One limit: a switch where it is the trainer’s own, else a word on where it comes from; nothing looks as if it could be turned. */
function Effect({ effect, onToggle }: { effect: LimitEffect; onToggle?: ((on: boolean) => void) | undefined }) {
  const [open, setOpen] = useState(false)
  const from = effect.isOn ? fromElsewhere[effect.source] : undefined
  return (
    <li className="border-b border-base-300 py-1.5">
      <div className="flex flex-wrap items-center gap-x-3">
        {onToggle ? (
          <label className="flex grow cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              className="toggle toggle-primary toggle-sm"
              checked={effect.isOn}
              onChange={(event) => onToggle(event.target.checked)}
            />
            <span className={effect.isOn ? 'font-semibold' : ''}>{effect.label}</span>
          </label>
        ) : (
          <span className="flex min-h-8 grow flex-wrap items-center gap-3">
            <span aria-hidden="true" className="w-8 text-center font-semibold">
              {effect.isOn ? '✓' : '·'}
            </span>
            <span className={effect.isOn ? 'font-semibold' : 'soft'}>{effect.label}</span>
            {!effect.isOn && <span className="soft text-sm">not so here</span>}
            {from && (
              <Link to="../health" className="tag">
                {from}
              </Link>
            )}
          </span>
        )}
        {effect.off.length === 0 ? (
          <span className="soft px-3 text-sm">cautions only</span>
        ) : (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            aria-expanded={open}
            aria-label={`${effect.label}: ${effect.off.length} off`}
            onClick={() => setOpen(!open)}
          >
            {effect.off.length} off
          </button>
        )}
      </div>
      {effect.why && effect.isOn && <p className="soft pl-12 text-sm">{effect.why}</p>}
      {open && <p className="pl-12 text-sm">{effect.off.join(', ')}</p>}
    </li>
  )
}

const schema = z.object({
  ceilingCm: optional,
  floor: optional,
  quietHours: optional,
  lengthM: optional,
  widthM: optional,
  note: optional,
  quiet: z.boolean(),
  pets: z.boolean(),
  children: z.boolean(),
  hasWall: z.boolean(),
  anchors: z.array(z.object({ heightCm: optional, kind: optional })),
})

function RoomForm({ clientId, home }: { clientId: number; home: Home }) {
  const change = useLimitChange(clientId, (room: Record<string, unknown>) =>
    api.put<LimitEffects>(`clients/${clientId}/home`, room),
  )
  const entry = useEntry({
    schema,
    initial: {
      ceilingCm: home.ceilingCm?.toString() ?? '',
      floor: home.floor,
      quietHours: home.quietHours,
      lengthM: home.lengthM?.toString() ?? '',
      widthM: home.widthM?.toString() ?? '',
      note: home.note,
      quiet: home.quiet,
      pets: home.pets,
      children: home.children,
      hasWall: home.hasWall,
      anchors: home.anchors.map((anchor) => ({ heightCm: String(anchor.heightCm), kind: anchor.kind })),
    },
    draft: `room-${clientId}`,
    isSecret: true,
    send: ({ quiet, pets, children, hasWall, anchors, ...words }) =>
      change.mutateAsync({ ...sent(words), quiet, pets, children, hasWall, anchors }),
    onSent: () => toast.success('The room is kept'),
  })
  const { field, set } = entry
  const { anchors, ...flags } = entry.entered
  return (
    <form aria-label="The room" {...entry.form}>
      <div className="grid grid-cols-2 gap-x-4">
        <TextInput label="Ceiling" unit="cm" hint="Empty: nothing in the way" {...field('ceilingCm')} />
        <Choice
          label="Floor"
          options={[
            ['smooth', 'smooth'],
            ['carpet', 'carpet or mat'],
            ['rocking', 'rocks'],
          ]}
          {...field('floor')}
        />
        <TextInput label="Free floor, long way" unit="m" {...field('lengthM')} />
        <TextInput label="Free floor, short way" unit="m" {...field('widthM')} />
      </div>
      <Toggle
        label="A clear stretch of wall, for hands and for balance"
        checked={flags.hasWall}
        onChange={(hasWall) => set('hasWall', hasWall)}
      />
      <Toggle
        label="Quiet: nothing that lands or drops"
        checked={flags.quiet}
        onChange={(quiet) => set('quiet', quiet)}
      />
      <TextInput label="Quiet hours" {...field('quietHours')} />
      <div className="flex flex-wrap gap-x-6">
        <Toggle label="Pets" checked={flags.pets} onChange={(pets) => set('pets', pets)} />
        <Toggle label="Children" checked={flags.children} onChange={(children) => set('children', children)} />
      </div>
      <fieldset className="mt-3">
        <legend className="text-sm font-semibold">Anchors for bands</legend>
        {anchors.map((anchor, i) => (
          <div key={i} className="flex items-end gap-2">
            <div className="grow">
              <Choice
                label={`Anchor ${i + 1}`}
                value={anchor.kind}
                onChange={(kind) => set('anchors', anchors.with(i, { ...anchor, kind }))}
                options={[
                  ['door', 'shut door'],
                  ['rail', 'rail'],
                  ['ring', 'ring in the wall'],
                  ['post', 'post'],
                ]}
              />
            </div>
            <div className="w-32">
              <TextInput
                label="Height"
                unit="cm"
                value={anchor.heightCm}
                onChange={(heightCm) => set('anchors', anchors.with(i, { ...anchor, heightCm }))}
                error={entry.messageOf(`anchors.${i}.heightCm`)}
              />
            </div>
            <button
              type="button"
              className="btn btn-ghost btn-sm mb-6"
              onClick={() =>
                set(
                  'anchors',
                  anchors.filter((_, other) => other !== i),
                )
              }
            >
              Remove
            </button>
          </div>
        ))}
        {anchors.some((anchor) => anchor.kind === 'door') && (
          <p className="caution mt-1">
            A door only on the side it closes towards, locked, and never at face height without looking away.
          </p>
        )}
        <button
          type="button"
          className="btn btn-outline btn-xs mt-2"
          onClick={() => set('anchors', [...anchors, { heightCm: '', kind: 'door' }])}
        >
          Add an anchor
        </button>
      </fieldset>
      <TextArea label="Note" {...field('note')} />
      <Trouble words={entry.problem} />
      <button className="btn btn-primary btn-sm" disabled={entry.isSending}>
        Keep the room
      </button>
    </form>
  )
}

/** Limits and the room: what each switches off, and what is left. */
export function RoomPage() {
  const clientId = Number(useParams().clientId)
  const client = useQuery(clientOptions(clientId))
  const limits = useQuery(limitsOptions(clientId))
  const [said, setSaid] = useState('')
  const [turning, setTurning] = useState<string | null>(null)
  const change = useLimitChange(clientId, (own: string[]) =>
    api.put<LimitEffects>(`clients/${clientId}/limits`, { limits: own }),
  )
  if (limits.isPending || client.isPending) return <Loading what="the limits" />
  if (limits.isError) return <Problem error={limits.error} onRetry={() => void limits.refetch()} />
  if (client.isError) return <Problem error={client.error} />
  const shown = limits.data
  const own = shown.limits.filter((limit) => limit.source === 'trainer').map((limit) => limit.id)
  const toggle = (limit: LimitEffect) => (on: boolean) => {
    setTurning(limit.id)
    change.mutate(on ? [...own, limit.id] : own.filter((id) => id !== limit.id), {
      onSuccess: (now) => {
        const turned = `${limit.label} ${on ? 'on' : 'off'}`
        setSaid(`${turned}: ${differenceInWords(now.left - shown.left)}, ${now.left} of ${now.total} are left.`)
      },
      onSettled: () => setTurning(null),
    })
  }
  return (
    <div className="grid gap-10 lg:grid-cols-2">
      <section aria-label="Limits">
        <h2 className="text-xl">Limits</h2>
        <p className="mt-2">
          <span className="figure-number text-4xl">{shown.left}</span>{' '}
          <span className="font-semibold">of {shown.total} exercises are left</span>
        </p>
        <p role="status" className="soft min-h-6 text-sm">
          {said}
        </p>
        <ul className="mt-2">
          {shown.limits.map((limit) => (
            <Effect
              key={limit.id}
              effect={turning === limit.id ? { ...limit, isOn: !limit.isOn } : limit}
              onToggle={limit.isOn && limit.source !== 'trainer' ? undefined : toggle(limit)}
            />
          ))}
        </ul>
      </section>
      <section aria-label="The room">
        <h2 className="text-xl">The room</h2>
        <ul className="mt-2 mb-5">
          {shown.room.map((effect) => (
            <Effect key={effect.id} effect={effect} />
          ))}
        </ul>
        <RoomForm key={clientId} clientId={clientId} home={client.data.home} />
      </section>
    </div>
  )
}
