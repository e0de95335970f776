import { useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Exercise } from '../../shared/api'
import { MovingFigure, StopMotion } from '../../shared/figure'
import { usePhase } from '../../shared/lib/usePhase'
import { CurvePlot, RailLine } from '../../shared/plot'
import { Cautions, LoadNumber, Loading, PageTitle, Problem, Term } from '../../shared/ui'
import { visitedOptions } from '../clients'
import { PutIntoSession } from '../programme/PutIntoSession'
import { exerciseOptions, type Choice } from './queries'
import { Versions } from './Versions'

const sides: Record<string, string> = {
  both: 'both sides together',
  each: 'one side, then the other',
  alternating: 'sides in turn',
}

function Words({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null
  return (
    <section>
      <h3 className="soft text-sm font-normal">{title}</h3>
      <ul className="list-disc space-y-1 pl-5">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  )
}

function Chooser({
  exercise,
  choice,
  onChoose,
}: {
  exercise: Exercise
  choice: Choice
  onChoose: (choice: Choice) => void
}) {
  const clients = useQuery(visitedOptions)
  const implement = choice.implement === '' ? exercise.implement : choice.implement
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label>
        <span className="soft block text-sm">For</span>
        <select
          className="select select-sm"
          value={choice.client ?? ''}
          onChange={(event) =>
            onChoose({ ...choice, client: event.target.value === '' ? null : Number(event.target.value) })
          }
        >
          <option value="">172 cm, 74 kg</option>
          {(clients.data ?? []).map((client) => (
            <option key={client.id} value={client.id}>
              {client.name}
            </option>
          ))}
        </select>
      </label>
      <label>
        <span className="soft block text-sm">With</span>
        <select
          className="select select-sm"
          value={implement}
          onChange={(event) => onChoose({ ...choice, implement: event.target.value, massKg: null })}
        >
          {exercise.implements.map((one) => (
            <option key={one} value={one}>
              {one === 'none' ? 'nothing' : one === 'tube' ? 'a tube of 140 cm' : `a ${one}`}
            </option>
          ))}
        </select>
      </label>
      {implement !== 'none' && implement !== 'tube' && (
        <label>
          <span className="soft block text-sm">of (kg)</span>
          <input
            type="number"
            className="input input-sm w-24"
            min={0}
            max={120}
            step={0.5}
            value={choice.massKg ?? exercise.massKg}
            onChange={(event) =>
              onChoose({ ...choice, massKg: event.target.value === '' ? null : Number(event.target.value) })
            }
          />
        </label>
      )}
    </div>
  )
}

function Ladder({ exercise }: { exercise: Exercise }) {
  const rungs = exercise.ladder.filter(
    (step) => step.equivalent !== null && ['this', 'easier', 'harder'].includes(step.kind),
  )
  const others = exercise.ladder.filter((step) => step.kind !== 'this')
  const kinds = [...new Set(others.map((step) => step.kind))]
  return (
    <section aria-label="Neighbours">
      <h2 className="text-xl">Ready neighbours</h2>
      {rungs.length > 1 && (
        <RailLine
          title={`${exercise.name} and its neighbours`}
          unit={rungs[0]?.equivalent?.unit ?? ''}
          zero={rungs[0]?.equivalent?.reference.toLowerCase()}
          rungs={rungs.flatMap((step) =>
            step.equivalent === null
              ? []
              : [
                  {
                    key: step.kind + step.exercise,
                    kg: step.equivalent.kg,
                    lowKg: step.equivalent.lowKg,
                    highKg: step.equivalent.highKg,
                    label: step.name,
                    ...(step.kind === 'this' ? { mark: 'now' as const } : {}),
                  },
                ],
          )}
        />
      )}
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
        {kinds.map((kind) => (
          <div key={kind} className="contents">
            <dt className="soft first-letter:uppercase">{kind}</dt>
            <dd className="flex flex-wrap gap-x-4">
              {others
                .filter((step) => step.kind === kind)
                .map((step) => (
                  <Link key={step.exercise} to={`/catalogue/${step.exercise}`} className="link">
                    {step.name}
                  </Link>
                ))}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

/** One exercise whole: the movement, its curve for a chosen client and load, the words, who must not, its neighbours. */
export function ExercisePage() {
  const id = useParams().exerciseId ?? ''
  return <Page key={id} id={id} />
}

function Page({ id }: { id: string }) {
  const [choice, setChoice] = useState<Choice>({ client: null, implement: '', massKg: null })
  const query = useQuery({ ...exerciseOptions(id, choice), placeholderData: (before) => before })
  const phase = usePhase(query.data?.figure ?? { liftSeconds: 1, lowerSeconds: 2 }, query.data !== undefined)
  if (query.isPending) return <Loading what="the exercise" />
  if (query.isError) return <Problem isPage error={query.error} onRetry={() => void query.refetch()} />
  const exercise = query.data
  return (
    <>
      <Link to="/catalogue" className="btn btn-sm btn-ghost -ml-3 mb-2">
        <ArrowLeft className="size-4" aria-hidden="true" />
        Catalogue
      </Link>
      <div className="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[1fr_1.15fr]">
        <div>
          <p className="soft">{exercise.patternName}</p>
          <PageTitle title={exercise.name} className="text-4xl">
            {exercise.name}
          </PageTitle>
          <p className="soft">also {exercise.aliases.join(', ')}</p>
          <MovingFigure figure={exercise.figure} phase={phase} label={exercise.name} className="my-4 h-72 w-full" />
          <StopMotion className="mb-2" />
          <Chooser exercise={exercise} choice={choice} onChoose={setChoice} />
          {exercise.problem && (
            <p role="alert" className="mt-2 font-semibold text-error">
              {exercise.problem}
            </p>
          )}
          <div className="mt-4 grid gap-6 sm:grid-cols-2">
            <div>
              {exercise.equivalent ? (
                <LoadNumber equivalent={exercise.equivalent} />
              ) : (
                <p className="soft">No load in kilograms: it is compared by movement and muscles alone.</p>
              )}
              <p className="soft mt-2 text-sm">
                For {exercise.forWhom}
                {exercise.reckonedAs ? `; reckoned as its weakest part, ${exercise.reckonedAs.toLowerCase()}` : ''}
              </p>
            </div>
            <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-sm">
              <dt className="soft">Position</dt>
              <dd>{exercise.position}</dd>
              <dt className="soft">Sides</dt>
              <dd>{sides[exercise.side]}</dd>
              <dt className="soft">
                <Term word="tempo">Tempo</Term>
              </dt>
              <dd>{exercise.tempo} s</dd>
              <dt className="soft">Set-up</dt>
              <dd>{exercise.setUpSeconds} s</dd>
              <dt className="soft">Noise</dt>
              <dd>
                {exercise.noise}, impact {exercise.impact}
              </dd>
              <dt className="soft">Skill</dt>
              <dd>{exercise.skill} of 5</dd>
            </dl>
          </div>
          {exercise.curve.unit !== '' && (
            <div className="mt-4">
              <CurvePlot phase={phase} curves={[{ name: exercise.words, curve: exercise.curve, tone: 'offered' }]} />
              {exercise.plate !== null && <p className="soft mt-2 text-sm">{exercise.plate}</p>}
            </div>
          )}
        </div>
        <div className="space-y-6">
          <Cautions cautions={exercise.cautions} />
          <PutIntoSession clientId={null} exercise={exercise.id} name={exercise.name} setting={null} />
          <section className="space-y-3" aria-label="Cues">
            <h2 className="text-xl">Cues</h2>
            <Words title="Set up" lines={exercise.cues.setUp} />
            <Words title="What to do" lines={exercise.cues.movement} />
            <Words title="Where it works" lines={exercise.cues.inward} />
            <Words title="Breath" lines={[exercise.cues.breath]} />
          </section>
          {exercise.schools.length > 0 && (
            <section aria-label="Where trainers differ">
              <h2 className="text-xl">Where trainers differ</h2>
              <dl className="mt-1 space-y-2">
                {exercise.schools.map((school) => (
                  <div key={school.about}>
                    <dt className="soft text-sm">{school.about}</dt>
                    <dd>
                      <strong>{school.cue}</strong> <span className="soft">Others: {school.others.join(' ')}</span>
                    </dd>
                  </div>
                ))}
              </dl>
            </section>
          )}
          <section aria-label="Common faults">
            <h2 className="text-xl">Common faults</h2>
            <dl className="mt-1 grid gap-x-5 gap-y-1 sm:grid-cols-[11rem_1fr]">
              {exercise.faults.map((fault) => (
                <div key={fault.fault} className="contents">
                  <dt className="font-semibold">{fault.fault}</dt>
                  <dd>{fault.fix}</dd>
                </div>
              ))}
            </dl>
          </section>
          <section aria-label="Muscles">
            <h2 className="text-xl">Muscles</h2>
            <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
              {exercise.muscles.map((share) => (
                <li key={share.muscle} className={share.main ? 'font-semibold' : 'soft'}>
                  {share.muscle} {share.percent} %
                </li>
              ))}
            </ul>
            <p className="mt-1">Felt in: {exercise.cues.feel.charAt(0).toLowerCase() + exercise.cues.feel.slice(1)}</p>
            <p className="soft text-sm">Shares are a trainer’s judgement, not a measurement.</p>
          </section>
          <section aria-label="Limits">
            <h2 className="text-xl">Limits</h2>
            <dl className="mt-1 grid gap-x-5 gap-y-1 sm:grid-cols-[11rem_1fr]">
              {exercise.limits.map((rule) => (
                <div key={rule.limit} className="contents">
                  <dt className={rule.excludes ? 'font-semibold text-error' : 'font-semibold'}>
                    {rule.label}
                    <span className="sr-only">{rule.excludes ? ' excludes it' : ' alters it'}</span>
                  </dt>
                  <dd>
                    {rule.excludes ? 'Out: ' : 'Altered: '}
                    {rule.why}
                  </dd>
                </div>
              ))}
            </dl>
          </section>
          <Ladder exercise={exercise} />
          <Versions exercise={exercise} />
        </div>
      </div>
    </>
  )
}
