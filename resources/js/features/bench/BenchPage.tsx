import { useQuery } from '@tanstack/react-query'
import { Plug, Unplug } from 'lucide-react'
import { useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import { toast } from 'sonner'
import { ApiError, type Bench } from '../../shared/api'
import { signed } from '../../shared/lib/counts'
import { briefDay } from '../../shared/lib/time'
import { useKeys } from '../../shared/lib/useKeys'
import { Choice, Empty, FormProblem, LoadNumber, Loading, Problem, TextInput } from '../../shared/ui'
import { bandKinds, shelfOptions } from '../shelf'
import { BandPlot } from './BandPlot'
import { ByHand } from './ByHand'
import { benchOptions, useBench } from './queries'
import { type Reading, useGauge } from './useGauge'

const whose: [isOwn: boolean, words: string][] = [
  [true, 'A scale of your own'],
  [false, 'The simulated scale'],
]

/** Said wherever a number stands that nobody measured. */
function Practice({ of }: { of: string }) {
  return (
    <p role="note" className="caution caution-look my-2">
      <strong>Practice.</strong> {of} made up by the simulated scale. Nothing of it is kept, and no exercise is reckoned
      with it.
    </p>
  )
}
const hangable = [...bandKinds, 'object', 'dumbbell', 'kettlebell', 'rucksack']

function Scale({ reading, lost }: { reading: Reading | null; lost: boolean }) {
  const words = lost
    ? 'The readings have stopped. What you took is kept; they come back by themselves.'
    : reading === null
      ? 'Waiting for the first reading…'
      : reading.status === 'ok'
        ? reading.isSteady
          ? 'Steady: take the point'
          : 'Swinging…'
        : reading.advice
  return (
    <div className={`bench-scale ${reading?.isSteady && !lost ? 'bench-steady' : ''}`} role="group" aria-label="Scale">
      <p>
        <span className="figure-number text-6xl">{reading?.forceN ?? '–'}</span>{' '}
        <span className="text-xl font-semibold">N</span>
      </p>
      <p role="status" className={`font-semibold ${lost || (reading && reading.status !== 'ok') ? 'text-error' : ''}`}>
        {words}
      </p>
    </div>
  )
}

function BandTest({
  bench,
  reading,
  act,
}: {
  bench: Bench
  reading: Reading | null
  act: ReturnType<typeof useBench>
}) {
  const [length, setLength] = useState('')
  const error = act.error instanceof ApiError ? act.error : null
  const next = bench.suggestedCm.find((cm) => !bench.points.some((point) => Math.abs(point.lengthCm - cm) < 3))
  const pull = (lengthCm: string | number) => act.mutate({ act: 'pull', body: { lengthCm } })
  const canTake = reading?.isSteady === true && (bench.lengthCm ?? 0) > (bench.restLengthCm ?? 0)
  const take = () => act.mutate({ act: 'points' })
  useKeys({ p: () => canTake && take() })
  return (
    <>
      <ol className="bench-steps">
        <li>
          <strong>Length.</strong> At rest {bench.restLengthCm} cm, never beyond {bench.longestCm} cm.
          <form
            className="mt-2 flex flex-wrap items-start gap-3"
            noValidate
            aria-label="Length"
            onSubmit={(event) => {
              event.preventDefault()
              pull(length.replace(',', '.'))
            }}
          >
            <div className="w-40">
              <TextInput
                label="Set the length"
                unit="cm"
                value={length}
                onChange={setLength}
                error={error?.about('lengthCm')}
              />
            </div>
            <button className="btn btn-outline mt-[1.55rem]" disabled={act.isPending}>
              Set it
            </button>
          </form>
          <div className="flex flex-wrap gap-2">
            {bench.suggestedCm.map((cm) => (
              <button
                key={cm}
                type="button"
                className={`btn btn-sm ${cm === next ? 'btn-accent' : 'btn-outline'}`}
                aria-pressed={bench.lengthCm === cm}
                onClick={() => pull(cm)}
              >
                {cm} cm
              </button>
            ))}
          </div>
        </li>
        <li>
          <strong>Wait until it is steady.</strong>
        </li>
        <li>
          <strong>Take the point.</strong>
          <button
            type="button"
            className="btn btn-primary mt-2 block"
            disabled={act.isPending || !canTake}
            onClick={take}
          >
            Take the point <kbd className="key ml-2">p</kbd>
          </button>
        </li>
      </ol>
      {error?.about('gauge') && (
        <p role="alert" className="mt-2 font-semibold text-error">
          {error.about('gauge')}
        </p>
      )}
    </>
  )
}

function Points({ bench, act }: { bench: Bench; act: ReturnType<typeof useBench> }) {
  const enough = bench.points.length >= bench.enough
  const isPractice = bench.isPractice && bench.points.some((point) => !point.isOwn)
  return (
    <section aria-label="Points" className="mt-4">
      <h2 className="text-xl">
        {bench.points.length} of {bench.asked} points
        {enough && bench.points.length < bench.asked ? ', enough to finish' : ''}
      </h2>
      {bench.points.length > 0 && (
        <table className="ledger-table mt-1">
          <thead>
            <tr>
              <th>length</th>
              <th>it shows</th>
              <th>force</th>
              <th>noise, one sigma</th>
              <th>above the curve</th>
              <th>
                <span className="sr-only">drop</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {bench.points.map((point, i) => (
              <tr key={point.lengthCm}>
                <td>{point.lengthCm} cm</td>
                <td>
                  <strong>{point.massKg} kg</strong>
                  {!point.isOwn && <span className="soft block text-sm">simulated</span>}
                </td>
                <td>{point.forceN} N</td>
                <td>{point.sdN} N</td>
                <td>{point.residualN === null ? '' : `${signed(point.residualN)} N`}</td>
                <td>
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs"
                    onClick={() => act.mutate({ act: `points/${i}` })}
                    aria-label={`Drop the point at ${point.lengthCm} cm`}
                  >
                    Drop
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {bench.rmsN !== null && (
        <p className="mt-2">
          Curve: a = {bench.aN} N, b = {bench.bN} N; the points lie {bench.rmsN} N ({bench.rmsPercent} %) off it, root
          mean square. Usable from {bench.restLengthCm} to {bench.longestCm} cm.
        </p>
      )}
      {isPractice && <Practice of="These points are" />}
      {bench.comparison && <p className="next-target mt-2 font-semibold">{bench.comparison}</p>}
      <button
        type="button"
        className="btn btn-primary mt-3"
        disabled={!enough || act.isPending || isPractice}
        onClick={() =>
          act.mutate({ act: 'finish' }, { onSuccess: () => toast.success('The shelf knows the band now') })
        }
      >
        {isPractice ? 'Practice: nothing to keep' : 'Finish the test'}
      </button>
    </section>
  )
}

function Result({ bench }: { bench: Bench }) {
  return (
    <>
      {bench.setups.length > 0 && (
        <section aria-label="What it gives this client" className="mt-6">
          <h2 className="text-xl">What it gives this client</h2>
          <div className="mt-3 grid gap-6 sm:grid-cols-3">
            {bench.setups.map((setup) => (
              <div key={setup.exercise}>
                <p className="font-semibold">{setup.exercise}</p>
                <LoadNumber equivalent={setup.equivalent} />
                <p className="soft mt-1 text-sm">{setup.words}</p>
              </div>
            ))}
          </div>
        </section>
      )}
      {bench.notBelieved > 0 && (
        <p className="caution caution-look mt-4">
          {bench.notBelieved === 1 ? 'One earlier test was' : `${bench.notBelieved} earlier tests were`} made up by the
          simulated scale and {bench.notBelieved === 1 ? 'is' : 'are'} not believed: test it with a scale of your own.
        </p>
      )}
      {bench.tests.length > 0 && (
        <section aria-label="Tests so far" className="mt-6">
          <h2 className="text-xl">Tests so far</h2>
          <ul className="mt-1">
            {bench.tests.map((test, i) => (
              <li key={i} className="border-b border-base-300 py-1">
                <strong>{briefDay(test.testedOn)}</strong>: {test.forceAtDoubleN} N at twice the length, a {test.aN} N,
                b {test.bN} N, {test.points} points, {test.rmsN} N off
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}

/** Bands and objects on the hanging scale. */
export function BenchPage() {
  const clientId = Number(useParams().clientId)
  const [search] = useSearchParams()
  const bench = useQuery(benchOptions(clientId))
  const shelf = useQuery(shelfOptions(clientId))
  const act = useBench(clientId)
  const shown = bench.data
  const [chosen, setIsOwn] = useState<boolean | null>(null)
  // Outside the demo the scale is the trainer’s own, unless they want to practise.
  const isOwn = chosen ?? shown?.isPractice ?? true
  const { reading, lost } = useGauge(clientId, shown?.itemId != null && !isOwn)
  const [picked, setPicked] = useState(search.get('item') ?? '')
  if (bench.isPending || shelf.isPending) return <Loading what="the bench" />
  if (bench.isError) return <Problem error={bench.error} onRetry={() => void bench.refetch()} />
  if (shelf.isError) return <Problem error={shelf.error} />
  const things = shelf.data.items.filter((item) => hangable.includes(item.kind) && !item.isShared)
  if (things.length === 0) {
    return (
      <Empty title="Nothing to hang">
        <p>Put a band or a thing with a handle on the shelf; here it is tested or weighed on the hanging scale.</p>
      </Empty>
    )
  }
  const state = bench.data
  const choice =
    picked || String(state.itemId ?? (things.find((item) => bandKinds.includes(item.kind)) ?? things[0])?.id ?? '')
  const error = act.error instanceof ApiError ? act.error : null
  return (
    <div className="grid gap-10 lg:grid-cols-[1fr_1.25fr]">
      <div>
        <form
          className="flex items-start gap-3"
          aria-label="Hang something"
          onSubmit={(event) => {
            event.preventDefault()
            act.mutate({ act: 'hang', body: { itemId: Number(choice) } })
          }}
        >
          <div className="grow">
            <Choice
              label="Hang on the scale"
              value={choice}
              onChange={setPicked}
              options={things.map((item) => [String(item.id), item.name])}
            />
          </div>
          <button
            className={`btn mt-[1.55rem] ${state.itemId === null ? 'btn-primary' : 'btn-outline'}`}
            disabled={act.isPending}
          >
            Hang it
          </button>
        </form>
        <p className="caution caution-look mb-4">
          Inspect the band first; eyes out of its line, nobody behind it. Hang it on a scale of your own and type what
          it shows; the simulated scale{' '}
          {state.isPractice ? 'makes its readings up and is for practice.' : 'makes its readings up, for this demo.'}
        </p>
        {state.itemId !== null && (
          <>
            <p className="font-semibold">On the hook: {state.itemName}</p>
            <div role="group" aria-label="Readings from" className="my-2 flex flex-wrap gap-2">
              {whose.map(([own, words]) => (
                <button
                  key={words}
                  type="button"
                  aria-pressed={isOwn === own}
                  className={`btn btn-sm ${isOwn === own ? 'btn-primary' : 'btn-outline'}`}
                  onClick={() => {
                    act.reset()
                    setIsOwn(own)
                  }}
                >
                  {words}
                </button>
              ))}
            </div>
          </>
        )}
        {state.itemId !== null && isOwn && <ByHand key={state.itemId} bench={state} act={act} />}
        {state.itemId !== null && !isOwn && (
          <>
            {state.isPractice && <Practice of="These readings are" />}
            <Scale reading={reading} lost={lost} />
            <div className="mb-4 mt-2 flex gap-2">
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => act.mutate({ act: 'tare' })}>
                Tare
              </button>
              <button
                type="button"
                className="btn btn-ghost btn-sm gap-2"
                onClick={() => act.mutate({ act: 'plug', body: { plugged: !state.isPlugged } })}
              >
                {state.isPlugged ? (
                  <Unplug className="size-4" aria-hidden="true" />
                ) : (
                  <Plug className="size-4" aria-hidden="true" />
                )}
                {state.isPlugged ? 'Unplug the stand-in' : 'Plug it in again'}
              </button>
            </div>
            {state.isBand ? (
              <BandTest bench={state} reading={reading} act={act} />
            ) : (
              <>
                <p>
                  The shelf says <strong>{state.massKg} kg</strong>, {state.certainty}.
                </p>
                <button
                  type="button"
                  className="btn btn-primary mt-2"
                  disabled={act.isPending || reading?.isSteady !== true || state.isPractice}
                  onClick={() =>
                    act.mutate(
                      { act: 'weigh' },
                      { onSuccess: () => toast.success('Weighed; the shelf is surer of it') },
                    )
                  }
                >
                  {state.isPractice ? 'Practice: nothing to keep' : 'Take the weight'}
                </button>
                {error?.about('gauge') && (
                  <p role="alert" className="mt-2 font-semibold text-error">
                    {error.about('gauge')}
                  </p>
                )}
              </>
            )}
            {error && error.status !== 422 && <FormProblem error={error} />}
          </>
        )}
      </div>
      <div className="min-w-0">
        {state.itemId === null ? (
          <Empty title="Nothing hangs on the scale">
            <p>Hang a band on your scale, pull it to a length, and type what it shows when it stands still.</p>
            <p>Three lengths are enough, five are better: the curve lands on the shelf and every swap uses it.</p>
          </Empty>
        ) : (
          state.isBand && (
            <>
              <BandPlot bench={state} nowN={reading?.forceN ?? null} />
              <Points bench={state} act={act} />
              <Result bench={state} />
            </>
          )
        )}
      </div>
    </div>
  )
}
