import { Link } from 'react-router'
import { toast } from 'sonner'
import { z } from 'zod'
import { api, type Health } from '../../shared/api'
import { FormEnd, optional, useEntry } from '../../shared/form'
import { longDay } from '../../shared/lib/time'
import { Choice, TextArea, TextInput } from '../../shared/ui'
import { JointFields } from './JointFields'
import { sent } from './PersonFields'
import { useHealthChange } from './queries'

const toneOf = (isChosen: boolean, yes: boolean) => (isChosen ? (yes ? 'btn-accent' : 'btn-primary') : 'btn-outline')

const noJoint = { joint: '', side: '', replaced: '' }

const asEntered = ({ joint, side, replaced }: Health['named'][number]) => ({
  joint,
  side,
  replaced: replaced?.toString() ?? '',
})

const inWords = ({ name, side, replaced }: Health['named'][number]) =>
  [`${name}${side === '' ? '' : `, ${side}`}`, replaced === null ? '' : `replaced in ${replaced}`]
    .filter(Boolean)
    .join(', ')

const schema = z.object({
  systolic: optional,
  diastolic: optional,
  note: optional,
  occasion: optional,
  answers: z.record(z.string(), z.boolean()),
  joints: z.array(z.object({ joint: optional, side: optional, replaced: optional })),
  setLimits: z.array(z.string()),
})

export function Questions({ health, onDone }: { health: Health; onDone: () => void }) {
  const screen = useHealthChange(health.clientId, (entered: Record<string, unknown>) =>
    api.post<Health>(`clients/${health.clientId}/screenings`, entered),
  )
  const entry = useEntry({
    schema,
    initial: {
      systolic: '',
      diastolic: '',
      note: '',
      occasion: health.answeredOn ? 'due' : 'first',
      answers: {} as Record<string, boolean>,
      joints: health.named.length > 0 ? health.named.map(asEntered) : [noJoint],
      setLimits: [] as string[],
    },
    draft: `health-${health.clientId}`,
    isSecret: true,
    send: ({ answers, joints, setLimits, ...rest }) =>
      screen.mutateAsync({ ...sent(rest), answers, joints: joints.filter(({ joint }) => joint !== ''), setLimits }),
    onSent: () => {
      toast.success('The answers are kept')
      onDone()
    },
  })
  const { field } = entry
  const { answers } = entry.entered
  const answer = (to: Record<string, boolean>) => entry.set('answers', to)
  return (
    <form className="paper p-5" aria-label="Health questions" {...entry.form}>
      <div className="flex flex-wrap items-baseline gap-4">
        <h2 className="text-xl">Health questions</h2>
        <button
          type="button"
          className="btn btn-sm btn-ghost"
          onClick={() => answer(Object.fromEntries(health.questions.map(({ id }) => [id, answers[id] ?? false])))}
        >
          No to all that are left
        </button>
      </div>
      <ul className="mt-2">
        {health.questions.map((question) => {
          const wrong = entry.messageOf(`answers.${question.id}`)
          return (
            <li key={question.id} className="border-b border-base-300 py-2">
              <fieldset className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1">
                <legend className="float-left min-w-60 grow basis-60">{question.ask}</legend>
                <span className="flex gap-2">
                  {[true, false].map((yes) => (
                    <label
                      key={String(yes)}
                      className={`btn btn-sm ${toneOf(answers[question.id] === yes, yes)} focus-within:outline-3`}
                    >
                      <input
                        type="radio"
                        className="sr-only"
                        name={question.id}
                        checked={answers[question.id] === yes}
                        onChange={() => answer({ ...answers, [question.id]: yes })}
                      />
                      {yes ? 'Yes' : 'No'}
                    </label>
                  ))}
                </span>
              </fieldset>
              {wrong && <p className="text-sm font-semibold text-error">{wrong}</p>}
              {question.namesJoints && answers[question.id] === true && (
                <>
                  <JointFields
                    joints={health.joints}
                    named={entry.entered.joints}
                    limits={entry.entered.setLimits}
                    inForce={health.limits.map((limit) => limit.id)}
                    onChange={(named, limits) => {
                      entry.set('joints', named)
                      entry.set('setLimits', limits)
                    }}
                    messageOf={entry.messageOf}
                  />
                  {entry.messageOf('joints') && (
                    <p className="text-sm font-semibold text-error">{entry.messageOf('joints')}</p>
                  )}
                </>
              )}
            </li>
          )
        })}
      </ul>
      <div className="mt-4 grid gap-x-4 sm:grid-cols-3">
        <TextInput label="Resting pressure, upper" unit="mmHg" hint="May stay empty" {...field('systolic')} />
        <TextInput label="Lower" unit="mmHg" {...field('diastolic')} />
        <Choice
          label="Asked because"
          {...field('occasion')}
          options={[
            ['first', 'first visit'],
            ['due', 'six months are over'],
            ['illness', 'of an illness'],
            ['injury', 'of an injury'],
            ['birth', 'of a birth'],
          ]}
        />
      </div>
      <TextArea label="Note" hint="Kept encrypted, in the client’s own words" {...field('note')} />
      <FormEnd entry={entry} keep="Keep the answers" onLeave={health.answeredOn === null ? null : onDone} />
    </form>
  )
}

export function Answers({ health, onAsk }: { health: Health; onAsk: () => void }) {
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
              {question.namesJoints && health.named.length > 0 && <> {health.named.map(inWords).join('; ')}.</>}
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
      <p className="mt-3 flex flex-wrap items-center gap-4">
        <button type="button" className="btn btn-outline btn-sm" onClick={onAsk}>
          Ask again
        </button>
        <Link to={`/clients/${health.clientId}/room`} className="link">
          What the limits switch off
        </Link>
      </p>
    </section>
  )
}
