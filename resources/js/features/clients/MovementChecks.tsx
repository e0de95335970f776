import { z } from 'zod'
import { api, type Health } from '../../shared/api'
import { optional, useEntry } from '../../shared/form'
import { briefDay } from '../../shared/lib/time'
import { Choice, TextInput, Trouble } from '../../shared/ui'
import { sent } from './PersonFields'
import { useHealthChange } from './queries'

const schema = z.object({
  rises: optional,
  leftBalanceS: optional,
  rightBalanceS: optional,
  overhead: optional,
  leftKg: optional,
  rightKg: optional,
})

export function Checks({ health }: { health: Health }) {
  const check = useHealthChange(health.clientId, (what: Record<string, unknown>) =>
    api.post<Health>(`clients/${health.clientId}/checks`, what),
  )
  const accept = useHealthChange(health.clientId, async (limit: string) => {
    const own = health.limits.filter(({ source }) => source === 'trainer').map(({ id }) => id)
    await api.put(`clients/${health.clientId}/limits`, { limits: [...own, limit] })
    return api.get<Health>(`clients/${health.clientId}/health`)
  })
  const seen = health.seen
  const entry = useEntry({
    schema,
    initial: { rises: '', leftBalanceS: '', rightBalanceS: '', overhead: '', leftKg: '', rightKg: '' },
    draft: `checks-${health.clientId}`,
    isSecret: true,
    send: (entered) => check.mutateAsync(sent(entered)),
    onSent: () => entry.forget(),
  })
  const { field } = entry
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
      <form className="mt-3" aria-label="Movement checks" {...entry.form}>
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
        <Trouble words={entry.problem} />
        <button className="btn btn-outline btn-sm" disabled={entry.isSending}>
          Keep what was seen
        </button>
      </form>
    </section>
  )
}
