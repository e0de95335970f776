import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { toast } from 'sonner'
import { z } from 'zod'
import { api, type Settings } from '../../shared/api'
import { needed, optional, useEntry } from '../../shared/form'
import { Choice, Loading, PageTitle, Problem, TextInput, Trouble } from '../../shared/ui'
import { KeysChoice } from './KeysChoice'
import { PasswordForm } from './PasswordForm'

const settingsOptions = queryOptions({ queryKey: ['settings'], queryFn: () => api.get<Settings>('settings') })

const names: Record<string, string> = {
  movement: 'The movement pattern',
  muscles: 'The muscles',
  effort: 'The effort reached',
  limbs: 'One limb or two',
  shape: 'Where it is hard',
  'set-up': 'Position and set-up',
  liking: 'What is liked and known',
}

/** The zone this device is in. */
const here = Intl.DateTimeFormat().resolvedOptions().timeZone

/** Every zone this device knows, the one in use among them. */
function zones(inUse: string): [string, string][] {
  const known = ['UTC', ...Intl.supportedValuesOf('timeZone')]
  return [...new Set([inUse, ...known])].sort().map((zone) => [zone, zone.replaceAll('_', ' ')])
}

const weightOf = (part: string) => `weight_${part}`

function Form({ settings }: { settings: Settings }) {
  const queries = useQueryClient()
  const parts = settings.weights.map(({ part }) => part)
  const schema = useMemo(
    () =>
      z.object({
        systolic: needed('Upper pressure: in millimetres of mercury'),
        diastolic: needed('Lower pressure: in millimetres of mercury'),
        emergencyNumber: needed('Emergency number: whom does one call here?'),
        zone: optional,
        pushUp: optional,
        ...Object.fromEntries(parts.map((part) => [weightOf(part), needed('A number of 0 to 100')])),
      }) as unknown as z.ZodType<Record<string, string>, Record<string, string>>,
    // Parts are the same for everybody.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [],
  )
  const entry = useEntry<Record<string, string>>({
    schema,
    initial: {
      systolic: String(settings.systolic),
      diastolic: String(settings.diastolic),
      emergencyNumber: settings.emergencyNumber,
      zone: settings.zone,
      pushUp: settings.pushUp,
      ...Object.fromEntries(settings.weights.map(({ part, percent }) => [weightOf(part), String(percent)])),
    },
    draft: 'settings',
    fieldOf: (name) => name.replace(/^weights\./, 'weight_'),
    send: ({ systolic, diastolic, emergencyNumber, zone, pushUp, ...weights }) =>
      api.put<Settings>('settings', {
        systolic,
        diastolic,
        emergencyNumber,
        zone,
        pushUp,
        weights: Object.fromEntries(parts.map((part) => [part, weights[weightOf(part)]])),
      }),
    onSent: () => {
      toast.success('Kept')
      void queries.invalidateQueries()
    },
  })
  const { field } = entry
  return (
    <form className="mt-6" aria-label="Settings" {...entry.form}>
      <h2 className="text-xl">No training that day</h2>
      <p className="soft mt-1 mb-3">
        At or above either resting pressure nobody trains and the client is sent to a clinician. Local rules go first.
      </p>
      <div className="grid gap-x-4 sm:grid-cols-3">
        <TextInput label="Upper pressure" unit="mmHg" {...field('systolic')} />
        <TextInput label="Lower pressure" unit="mmHg" {...field('diastolic')} />
        <TextInput label="Emergency number" hint="Shown with every lock" {...field('emergencyNumber')} />
      </div>
      <h2 className="mt-6 text-xl">Where you work</h2>
      <p className="soft mt-1 mb-3">
        Days and visits are kept in this time zone; a visit stays at its hour when the clocks change.
      </p>
      <div className="max-w-sm">
        <Choice
          label="Time zone"
          options={zones(settings.zone)}
          {...field('zone')}
          {...(here === entry.entered.zone ? {} : { hint: `This device is in ${here.replaceAll('_', ' ')}` })}
        />
      </div>
      <h2 className="mt-6 text-xl">What you call it</h2>
      <p className="soft mt-1 mb-3">Two names are in use and neither is wrong; both are found when searched for.</p>
      <div className="max-w-sm">
        <Choice
          label="From the hands, face down"
          options={[
            ['push-up', 'push-up'],
            ['press-up', 'press-up'],
          ]}
          {...field('pushUp')}
        />
      </div>
      <h2 className="mt-6 text-xl">What counts when swaps are ranked</h2>
      <p className="soft mt-1 mb-3">
        Safety is no weight: what a limit, the room or a check rules out is never offered. The rest adds up to the
        match.
      </p>
      <div className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-3">
        {settings.weights.map(({ part, usualPercent }) => (
          <TextInput
            key={part}
            label={names[part] ?? part}
            unit="of 100"
            hint={`usual ${usualPercent}`}
            {...field(weightOf(part))}
          />
        ))}
      </div>
      <Trouble words={entry.messageOf('weights') ?? entry.problem} />
      <button className="btn btn-primary mt-4" disabled={entry.isSending}>
        Keep the settings
      </button>
      <button
        type="button"
        className="btn btn-ghost mt-4 ml-3"
        onClick={() =>
          settings.weights.forEach(({ part, usualPercent }) => entry.set(weightOf(part), String(usualPercent)))
        }
      >
        Weights as usual
      </button>
    </form>
  )
}

export function SettingsPage() {
  const settings = useQuery(settingsOptions)
  if (settings.isPending) return <Loading what="the settings" />
  if (settings.isError) return <Problem isPage error={settings.error} onRetry={() => void settings.refetch()} />
  return (
    <div className="max-w-3xl">
      <PageTitle title="Settings" className="text-4xl">
        Settings
      </PageTitle>
      <Form settings={settings.data} />
      <KeysChoice />
      <PasswordForm />
    </div>
  )
}
