import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { toast } from 'sonner'
import { api, ApiError, type Health } from '../../shared/api'
import { briefDay, longDay, timeOfDay } from '../../shared/lib/time'
import { Choice, FormProblem, Loading, Problem, TextArea, TextInput } from '../../shared/ui'
import { sent } from './PersonFields'
import { healthOptions, useHealthChange } from './queries'

function Locks({ health }: { health: Health }) {
  if (health.locks.length === 0) {
    return (
      <p className="next-target font-semibold">
        {health.isDue ? 'The questions are due again.' : 'Nothing stands in the way of training today.'}
      </p>
    )
  }
  return (
    <section className="caution" aria-label="Locked">
      <div>
        <p className="font-display text-lg font-semibold">Locked: no session starts</p>
        <ul className="mt-1 space-y-2">
          {health.locks.map((lock) => (
            <li key={lock.why}>
              <strong>{lock.why}</strong> {lock.do}
            </li>
          ))}
        </ul>
        <p className="mt-2">In an emergency call {health.emergencyNumber}.</p>
      </div>
    </section>
  )
}

function Questions({ health, onDone }: { health: Health; onDone: () => void }) {
  const [answers, setAnswers] = useState<Record<string, boolean>>({})
  const [rest, setRest] = useState({
    systolic: '',
    diastolic: '',
    note: '',
    occasion: health.answeredOn ? 'due' : 'first',
  })
  const screen = useHealthChange(health.clientId, (entered: Record<string, unknown>) =>
    api.post<Health>(`clients/${health.clientId}/screenings`, entered),
  )
  const error = screen.error instanceof ApiError ? screen.error : null
  return (
    <form
      className="paper p-5"
      noValidate
      aria-label="Health questions"
      onSubmit={(event) => {
        event.preventDefault()
        screen.mutate(
          { ...sent(rest), answers },
          {
            onSuccess: () => {
              toast.success('The answers are kept')
              onDone()
            },
          },
        )
      }}
    >
      <div className="flex flex-wrap items-baseline gap-4">
        <h2 className="text-xl">Health questions</h2>
        <button
          type="button"
          className="btn btn-sm btn-ghost"
          onClick={() => setAnswers(Object.fromEntries(health.questions.map(({ id }) => [id, answers[id] ?? false])))}
        >
          No to all that are left
        </button>
      </div>
      <ul className="mt-2">
        {health.questions.map((question) => {
          const wrong = error?.about(`answers.${question.id}`)
          return (
            <li key={question.id} className="border-b border-base-300 py-2">
              <fieldset className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1">
                <legend className="float-left min-w-60 grow basis-60">{question.ask}</legend>
                <span className="flex gap-2">
                  {[true, false].map((yes) => (
                    <label
                      key={String(yes)}
                      className={`btn btn-sm ${answers[question.id] === yes ? (yes ? 'btn-accent' : 'btn-primary') : 'btn-outline'} focus-within:outline-3`}
                    >
                      <input
                        type="radio"
                        className="sr-only"
                        name={question.id}
                        checked={answers[question.id] === yes}
                        onChange={() => setAnswers({ ...answers, [question.id]: yes })}
                      />
                      {yes ? 'Yes' : 'No'}
                    </label>
                  ))}
                </span>
              </fieldset>
              {wrong && <p className="text-sm font-semibold text-error">{wrong}</p>}
            </li>
          )
        })}
      </ul>
      <div className="mt-4 grid gap-x-4 sm:grid-cols-3">
        <TextInput
          label="Resting pressure, upper"
          unit="mmHg"
          hint="May stay empty"
          value={rest.systolic}
          onChange={(systolic) => setRest({ ...rest, systolic })}
          error={error?.about('systolic')}
        />
        <TextInput
          label="Lower"
          unit="mmHg"
          value={rest.diastolic}
          onChange={(diastolic) => setRest({ ...rest, diastolic })}
          error={error?.about('diastolic')}
        />
        <Choice
          label="Asked because"
          value={rest.occasion}
          onChange={(occasion) => setRest({ ...rest, occasion })}
          options={[
            ['first', 'first visit'],
            ['due', 'six months are over'],
            ['illness', 'of an illness'],
            ['injury', 'of an injury'],
            ['birth', 'of a birth'],
          ]}
        />
      </div>
      <TextArea
        label="Note"
        hint="Kept encrypted, in the client’s own words"
        value={rest.note}
        onChange={(note) => setRest({ ...rest, note })}
        error={error?.about('note')}
      />
      <FormProblem error={screen.error} />
      <div className="flex gap-2 pt-2">
        <button className="btn btn-primary" disabled={screen.isPending}>
          Keep the answers
        </button>
        {health.answeredOn !== null && (
          <button type="button" className="btn btn-ghost" onClick={onDone}>
            Not now
          </button>
        )}
      </div>
    </form>
  )
}

function Answers({ health, onAsk }: { health: Health; onAsk: () => void }) {
  const yes = health.questions.filter((question) => question.yes)
  return (
    <section aria-label="Answers">
      <h2 className="text-xl">Answers</h2>
      <p className="soft mt-1 text-sm">
        Asked on {longDay(health.answeredOn ?? '')}; due again on{' '}
        {health.dueOn ? longDay(health.dueOn) : 'the next visit'}.
        {health.systolic !== null && ` Resting pressure ${health.systolic}/${health.diastolic} mmHg.`}
      </p>
      {yes.length === 0 ? (
        <p className="mt-2">No to every question.</p>
      ) : (
        <ul className="mt-2 list-disc pl-5">
          {yes.map((question) => (
            <li key={question.id}>
              <strong>Yes:</strong> {question.ask}
            </li>
          ))}
        </ul>
      )}
      {health.note && <p className="mt-2">{health.note}</p>}
      {health.notes.map((note) => (
        <p key={note} className="next-target mt-2">
          {note}
        </p>
      ))}
      <button type="button" className="btn btn-outline btn-sm mt-3" onClick={onAsk}>
        Ask again
      </button>
    </section>
  )
}

function ClearanceForm({ health }: { health: Health }) {
  const open = health.locks.map((lock) => lock.question).filter((question) => question !== null)
  const blank = { givenOn: '', expiresOn: '', givenBy: '', allows: '' }
  const [entered, setEntered] = useState(blank)
  const [lifts, setLifts] = useState<string[]>([])
  const clear = useHealthChange(health.clientId, (what: Record<string, unknown>) =>
    api.post<Health>(`clients/${health.clientId}/clearances`, what),
  )
  if (open.length === 0) return null
  const error = clear.error instanceof ApiError ? clear.error : null
  const field = (name: keyof typeof blank) => ({
    value: entered[name],
    onChange: (value: string) => setEntered({ ...entered, [name]: value }),
    error: error?.about(name),
  })
  return (
    <form
      className="paper p-5"
      noValidate
      aria-label="Clearance"
      onSubmit={(event) => {
        event.preventDefault()
        clear.mutate(
          { ...sent(entered), questions: open, lifts },
          { onSuccess: () => toast.success('The clearance is noted') },
        )
      }}
    >
      <h2 className="text-xl">Note a clearance</h2>
      <p className="soft text-sm">
        It covers:{' '}
        {health.questions
          .filter(({ id }) => open.includes(id))
          .map(({ ask }) => ask)
          .join(' ')}
      </p>
      <div className="mt-3 grid gap-x-4 sm:grid-cols-2">
        <TextInput label="Given on" type="date" {...field('givenOn')} />
        <TextInput label="Runs out on" type="date" hint="May stay empty" {...field('expiresOn')} />
        <TextInput label="By whom" {...field('givenBy')} />
        <TextInput label="What it allows" hint="In the clinician’s words" {...field('allows')} />
      </div>
      {health.limits.some((limit) => limit.source === 'health') && (
        <fieldset className="mb-2">
          <legend className="text-sm font-semibold">Limits it lifts</legend>
          {health.limits
            .filter((limit) => limit.source === 'health')
            .map((limit) => (
              <label key={limit.id} className="mr-5 inline-flex items-center gap-2 py-1">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={lifts.includes(limit.id)}
                  onChange={(event) =>
                    setLifts(event.target.checked ? [...lifts, limit.id] : lifts.filter((id) => id !== limit.id))
                  }
                />
                {limit.label}
              </label>
            ))}
        </fieldset>
      )}
      <FormProblem error={clear.error} />
      <button className="btn btn-primary btn-sm" disabled={clear.isPending}>
        Note the clearance
      </button>
    </form>
  )
}

function Clearances({ health }: { health: Health }) {
  const withdraw = useHealthChange(health.clientId, (id: number) =>
    api.delete<Health>(`clients/${health.clientId}/clearances/${id}`),
  )
  if (health.clearances.length === 0) return null
  return (
    <section aria-label="Clearances">
      <h2 className="text-xl">Clearances</h2>
      <ul className="mt-1">
        {health.clearances.map((clearance) => (
          <li key={clearance.id} className="flex flex-wrap items-start gap-x-4 border-b border-base-300 py-2">
            <span className="grow basis-64">
              <strong>{clearance.allows}</strong>
              <span className="soft block text-sm">
                {clearance.givenBy}, {briefDay(clearance.givenOn)}
                {clearance.expiresOn ? `, until ${briefDay(clearance.expiresOn)}` : ''}
              </span>
            </span>
            <button type="button" className="btn btn-ghost btn-sm" onClick={() => withdraw.mutate(clearance.id)}>
              Withdraw
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Checks({ health }: { health: Health }) {
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

/** Health questions, clearances and movement checks: what stands in the way, why, and what to do. Nothing is diagnosed. */
export function HealthPage() {
  const clientId = Number(useParams().clientId)
  const health = useQuery(healthOptions(clientId))
  const [asking, setAsking] = useState(false)
  if (health.isPending) return <Loading what="the health answers" />
  if (health.isError) return <Problem error={health.error} onRetry={() => void health.refetch()} />
  const shown = health.data
  const unasked = shown.answeredOn === null
  return (
    <div className="grid gap-10 lg:grid-cols-[1.3fr_1fr]">
      <div className="min-w-0 space-y-6">
        <Locks health={shown} />
        {unasked || asking ? (
          <Questions health={shown} onDone={() => setAsking(false)} />
        ) : (
          <Answers health={shown} onAsk={() => setAsking(true)} />
        )}
        <ClearanceForm health={shown} />
        <Clearances health={shown} />
      </div>
      <div className="min-w-0 space-y-8">
        <section aria-label="Limits in force">
          <h2 className="text-xl">Limits in force</h2>
          {shown.limits.length === 0 ? (
            <p className="soft mt-1">None.</p>
          ) : (
            <ul className="mt-1">
              {shown.limits.map((limit) => (
                <li key={limit.id} className="border-b border-base-300 py-1.5">
                  <strong>{limit.label}</strong>: {limit.why}
                </li>
              ))}
            </ul>
          )}
        </section>
        <Checks health={shown} />
        <section aria-label="Who looked">
          <h2 className="text-xl">Who looked, who changed</h2>
          <ul className="soft mt-1 max-h-48 overflow-auto text-sm" tabIndex={0}>
            {shown.audit.map((entry, i) => (
              <li key={i}>
                {briefDay(entry.at)}, {timeOfDay(entry.at)}: {entry.who} {entry.what}
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  )
}
