import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { toast } from 'sonner'
import { api, ApiError, type Settings } from '../../shared/api'
import { Choice, FormProblem, Loading, PageTitle, Problem, TextInput } from '../../shared/ui'
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

function Form({ settings }: { settings: Settings }) {
  const [entered, setEntered] = useState({
    systolic: String(settings.systolic),
    diastolic: String(settings.diastolic),
    emergencyNumber: settings.emergencyNumber,
    zone: settings.zone,
  })
  const [weights, setWeights] = useState(() =>
    Object.fromEntries(settings.weights.map(({ part, percent }) => [part, String(percent)])),
  )
  const queries = useQueryClient()
  const keep = useMutation({
    mutationFn: () => api.put<Settings>('settings', { ...entered, weights }),
    onSuccess: () => {
      toast.success('Kept')
      return queries.invalidateQueries()
    },
  })
  const error = keep.error instanceof ApiError ? keep.error : null
  const field = (name: keyof typeof entered) => ({
    value: entered[name],
    onChange: (value: string) => setEntered({ ...entered, [name]: value }),
    error: error?.about(name),
  })
  return (
    <form
      className="mt-6"
      noValidate
      aria-label="Settings"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate()
      }}
    >
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
          {...(here === entered.zone ? {} : { hint: `This device is in ${here.replaceAll('_', ' ')}` })}
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
            value={weights[part] ?? ''}
            onChange={(value) => setWeights({ ...weights, [part]: value })}
            error={error?.about(`weights.${part}`)}
          />
        ))}
      </div>
      {error?.about('weights') && <p className="font-semibold text-error">{error.about('weights')}</p>}
      <FormProblem error={keep.error} />
      <button className="btn btn-primary mt-4" disabled={keep.isPending}>
        Keep the settings
      </button>
      <button
        type="button"
        className="btn btn-ghost mt-4 ml-3"
        onClick={() =>
          setWeights(Object.fromEntries(settings.weights.map(({ part, usualPercent }) => [part, String(usualPercent)])))
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
  if (settings.isError) return <Problem error={settings.error} onRetry={() => void settings.refetch()} />
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
