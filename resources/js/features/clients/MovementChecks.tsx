import { useState } from 'react'
import { api, ApiError, type Health } from '../../shared/api'
import { briefDay } from '../../shared/lib/time'
import { Choice, FormProblem, TextInput } from '../../shared/ui'
import { sent } from './PersonFields'
import { useHealthChange } from './queries'

export function Checks({ health }: { health: Health }) {
  const blank = { rises: '', leftBalanceS: '', rightBalanceS: '', overhead: '', leftKg: '', rightKg: '' }
  const [entered, setEntered] = useState(blank)
  const check = useHealthChange(health.clientId, (what: Record<string, unknown>) =>
    api.post<Health>(`clients/${health.clientId}/checks`, what),
  )
  const accept = useHealthChange(health.clientId, async (limit: string) => {
    const own = health.limits.filter(({ source }) => source === 'trainer').map(({ id }) => id)
    await api.put(`clients/${health.clientId}/limits`, { limits: [...own, limit] })
    return api.get<Health>(`clients/${health.clientId}/health`)
  })
  const error = check.error instanceof ApiError ? check.error : null
  const seen = health.seen
  const field = (name: keyof typeof blank) => ({
    value: entered[name],
    onChange: (value: string) => setEntered({ ...entered, [name]: value }),
    error: error?.about(name),
  })
  return (
    <section aria-label="Movement checks">
      <h2 className="text-xl">Movement checks</h2>
      {seen && health.checkedOn && (
        <p className="mt-1">
          {briefDay(health.checkedOn)}:{' '}
          {[
            seen.rises !== null && `${seen.rises} rises from a chair in 30 s`,
            seen.leftBalanceS !== null && `${seen.leftBalanceS} s on the left leg`,
            seen.rightBalanceS !== null && `${seen.rightBalanceS} s on the right`,
            seen.overhead !== null && `reach overhead ${seen.overhead}`,
            seen.leftKg !== null && `left side ${seen.leftKg}, right side ${seen.rightKg}`,
          ]
            .filter(Boolean)
            .join('; ')}
          . {health.sideAdvice}
        </p>
      )}
      {health.proposals.map((proposal) => (
        <p key={proposal.id} className="next-target mt-2 flex flex-wrap items-center gap-3">
          <span className="grow">
            <strong>{proposal.label}?</strong> {proposal.why}
          </span>
          <button type="button" className="btn btn-accent btn-sm" onClick={() => accept.mutate(proposal.id)}>
            Set this limit
          </button>
        </p>
      ))}
      <form
        className="mt-3"
        noValidate
        aria-label="Movement checks"
        onSubmit={(event) => {
          event.preventDefault()
          check.mutate(sent(entered), { onSuccess: () => setEntered(blank) })
        }}
      >
        <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
          <TextInput label="Rises in 30 s" unit="times" {...field('rises')} />
          <TextInput label="On the left leg" unit="s" {...field('leftBalanceS')} />
          <TextInput label="On the right leg" unit="s" {...field('rightBalanceS')} />
          <Choice
            label="Reach overhead"
            options={[
              ['', 'not tried'],
              ['free', 'free'],
              ['short', 'short'],
              ['painful', 'painful'],
            ]}
            {...field('overhead')}
          />
          <TextInput label="Left side alone" unit="kg or reps" {...field('leftKg')} />
          <TextInput label="Right side alone" unit="kg or reps" {...field('rightKg')} />
        </div>
        <FormProblem error={check.error} />
        <button className="btn btn-outline btn-sm" disabled={check.isPending}>
          Keep what was seen
        </button>
      </form>
    </section>
  )
}
