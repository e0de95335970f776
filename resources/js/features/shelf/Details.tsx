import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { ApiError, type ShelfItem } from '../../shared/api'
import { MovingFigure } from '../../shared/figure'
import { briefDay } from '../../shared/lib/time'
import { Choice, FormProblem, TextInput } from '../../shared/ui'
import { visitedOptions } from '../clients'
import { ChangeThing } from './ChangeThing'
import { bandKinds, supportUses } from './kinds'
import { platesOptions, useCopyThing, useInspect, useLend, useSupportCheck } from './queries'

function Plates({ clientId, itemId }: { clientId: number; itemId: number }) {
  const [from, setFrom] = useState(0)
  const [to, setTo] = useState(1)
  const plates = useQuery(platesOptions(clientId, itemId, from, to))
  if (!plates.data) return null
  const options = plates.data.builds.map((build, i): [string, string] => [
    String(i),
    `${build.loadKg} kg: ${build.perEnd}`,
  ])
  return (
    <section aria-label="Plates" className="mt-4 w-full">
      <h4 className="font-semibold">Every load, and the way from one to another</h4>
      <div className="mt-2 grid gap-x-4 sm:grid-cols-2">
        <Choice label="It is at" value={String(from)} onChange={(place) => setFrom(Number(place))} options={options} />
        <Choice label="It should be" value={String(to)} onChange={(place) => setTo(Number(place))} options={options} />
      </div>
      <p className="font-semibold">{plates.data.change}</p>
    </section>
  )
}

const verdicts: Record<string, string> = { fine: 'Fine, once tested', brace: 'Brace it', 'do-not': 'Do not' }

function Support({ clientId, item }: { clientId: number; item: ShelfItem }) {
  const uses = supportUses[item.kind] ?? []
  const [exercise, setExercise] = useState(uses[0]?.[0] ?? '')
  const [measured, setMeasured] = useState({ spanCm: '', barHeightCm: '', depthCm: '', overhangCm: '' })
  const check = useSupportCheck(clientId, item.id)
  const error = check.error instanceof ApiError ? check.error : null
  const field = (name: keyof typeof measured) => ({
    value: measured[name],
    onChange: (value: string) => setMeasured({ ...measured, [name]: value }),
    error: error?.about(name),
  })
  const found = check.data
  return (
    <section aria-label="Will it hold?" className="mt-4 w-full">
      <h4 className="font-semibold">Will it hold?</h4>
      <form
        className="mt-2 grid items-start gap-x-4 sm:grid-cols-[1fr_1fr_1fr_auto]"
        noValidate
        aria-label="Will it hold?"
        onSubmit={(event) => {
          event.preventDefault()
          check.mutate(
            Object.fromEntries(Object.entries({ ...measured, exercise }).filter(([, value]) => value.trim() !== '')),
          )
        }}
      >
        <Choice label="For" options={uses} value={exercise} onChange={setExercise} />
        {item.kind === 'pole' ? (
          <>
            <TextInput label="Supports apart" unit="cm" {...field('spanCm')} />
            <TextInput label="Lies at" unit="cm high" {...field('barHeightCm')} />
          </>
        ) : (
          <>
            <TextInput label="Legs apart, front to back" unit="cm" {...field('depthCm')} />
            <TextInput label="Edge beyond the legs" unit="cm" hint="Empty: 6 cm" {...field('overhangCm')} />
          </>
        )}
        <button className="btn btn-outline sm:mt-[1.55rem]" disabled={check.isPending}>
          Reckon it
        </button>
      </form>
      {error && !['spanCm', 'barHeightCm', 'depthCm', 'overhangCm'].some((name) => error.about(name)) && (
        <p role="alert" className="font-semibold text-error">
          {error.message}
        </p>
      )}
      {found && (
        <div role="status" className="grid gap-x-6 gap-y-3 sm:grid-cols-[12rem_1fr]">
          <MovingFigure
            figure={found.figure}
            phase={0.3}
            label={`${found.exercise}, on the ${found.itemName}`}
            className="h-36 w-full"
          />
          <div>
            <p className={`font-display text-2xl font-bold ${found.verdict === 'do-not' ? 'text-error' : ''}`}>
              {verdicts[found.verdict]}
              {found.usedPercent !== null && (
                <span className="ml-3 text-base font-normal">{found.usedPercent} % of what is allowed</span>
              )}
            </p>
            <p className="mt-1">{found.words}</p>
            <p className="soft mt-1 text-sm">
              {found.exercise} puts {found.loadKg} kg on it at its hardest. {found.sum}.
            </p>
          </div>
        </div>
      )}
    </section>
  )
}

const conditions: [string, string][] = [
  ['sound', 'Sound'],
  ['whitened', 'Whitened'],
  ['nicked', 'Nicked'],
  ['loose', 'Loose'],
  ['cracked', 'Cracked'],
]

function Condition({ clientId, item }: { clientId: number; item: ShelfItem }) {
  const inspect = useInspect(clientId)
  if (item.inspectDueOn === null) return null
  const band = bandKinds.includes(item.kind)
  // Nothing was seen until somebody looked.
  const seen = item.inspectedOn === null ? null : item.condition
  return (
    <section aria-label="Condition" className="mt-4 w-full">
      <h4 className="font-semibold">Condition</h4>
      <p className="text-sm">
        {item.inspectedOn ? `Looked over on ${briefDay(item.inspectedOn)}` : 'Not looked over yet'};{' '}
        {item.isInspectionDue ? (
          <strong>due since {briefDay(item.inspectDueOn)}</strong>
        ) : (
          `due ${briefDay(item.inspectDueOn)}`
        )}
        .{' '}
        {band && (
          <>
            {item.stretches} stretches logged{' '}
            {item.testedOn ? `since the test on ${briefDay(item.testedOn)}` : 'so far'}
            {item.wasMadeUp && '; an earlier test was made up by the simulated scale and is not believed'}
            {item.isRetestDue && (
              <>
                ;{' '}
                <Link className="link font-semibold" to={`/clients/${clientId}/bench?item=${item.id}`}>
                  test it on the Bench
                </Link>
              </>
            )}
            .
          </>
        )}
      </p>
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label="What was seen">
        {conditions
          .filter(([id]) => band || !['whitened', 'nicked'].includes(id))
          .map(([id, name]) => (
            <button
              key={id}
              type="button"
              aria-pressed={seen === id}
              className={`btn btn-sm ${seen === id ? 'btn-primary' : 'btn-outline'}`}
              disabled={inspect.isPending}
              onClick={() => inspect.mutate({ itemId: item.id, condition: id })}
            >
              {name}
            </button>
          ))}
      </div>
      <FormProblem error={inspect.error} />
    </section>
  )
}

/** One more like it, on this shelf or on another client’s; or the thing itself lent. */
function Elsewhere({ clientId, item }: { clientId: number; item: ShelfItem }) {
  const clients = useQuery(visitedOptions)
  const copy = useCopyThing(clientId)
  const lend = useLend(clientId)
  const others = (clients.data ?? []).filter((client) => client.id !== clientId)
  const whose = (id: number) => clients.data?.find((client) => client.id === id)?.name ?? ''
  const problem = (error: Error) => toast.error(error.message)
  const back = () =>
    lend.mutate(
      { itemId: item.id, toClientId: null },
      { onSuccess: () => toast.success(`${item.name} is with ${item.lentBy} again`), onError: problem },
    )
  const copyTo = (toClientId: number) =>
    copy.mutate(
      { itemId: item.id, toClientId },
      {
        onSuccess: (thing) =>
          toast.success(
            `${thing.name} is on ${toClientId === clientId ? 'the shelf' : `the shelf of ${whose(toClientId)}`}`,
          ),
        onError: problem,
      },
    )
  const lendTo = (toClientId: number) =>
    lend.mutate(
      { itemId: item.id, toClientId },
      { onSuccess: () => toast.success(`${item.name} is lent to ${whose(toClientId)}`), onError: problem },
    )
  return (
    <>
      <ToWhom
        label="One more like it…"
        isBusy={copy.isPending}
        onChoose={copyTo}
        choices={[
          [clientId, 'on this shelf'],
          ...others.map(({ id, name }) => [id, `on the shelf of ${name}`] as const),
        ]}
      />
      {item.lentBy === null ? (
        <ToWhom
          label="Lend it to…"
          isBusy={lend.isPending}
          onChoose={lendTo}
          choices={others.map(({ id, name }) => [id, name] as const)}
        />
      ) : (
        <button type="button" className="btn btn-sm btn-outline" disabled={lend.isPending} onClick={back}>
          Give it back to {item.lentBy.split(' ')[0]}
        </button>
      )}
    </>
  )
}

interface ToWhomProps {
  label: string
  isBusy: boolean
  choices: (readonly [clientId: number, name: string])[]
  onChoose: (clientId: number) => void
}

/** Chosen, and done at once. */
function ToWhom({ label, isBusy, choices, onChoose }: ToWhomProps) {
  return (
    <label className="text-sm">
      <span className="sr-only">{label}</span>
      <select
        className="select select-sm w-full"
        value=""
        disabled={isBusy || choices.length === 0}
        onChange={(event) => onChoose(Number(event.target.value))}
      >
        <option value="">{label}</option>
        {choices.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}

/** Everything known of the chosen thing, and what can be done with it. */
export function Details({ clientId, item, onTakeOff }: { clientId: number; item: ShelfItem; onTakeOff: () => void }) {
  const [isChanging, setIsChanging] = useState(false)
  return (
    <section className="paper mt-4 flex flex-wrap items-start gap-x-8 gap-y-3 p-5" aria-label={item.name}>
      <div className="min-w-56 grow">
        <h3 className="text-2xl">
          {item.count > 1 && <span className="soft">{item.count} × </span>}
          {item.name}
        </h3>
        <p className="mt-1 font-semibold">{item.facts}</p>
        <p className="soft text-sm">How sure: {item.certainty}</p>
        {item.outOfService && <p className="font-semibold text-error">Out of service: {item.outOfService}</p>}
      </div>
      <div className="min-w-56 grow">
        <p className="text-sm font-semibold">{item.kind in supportUses ? 'Serves' : 'Loads'}</p>
        <p>{item.serves.length === 0 ? 'nothing on its own' : item.serves.join(', ')}</p>
        {item.servesNothingBecause && <p className="mt-1 max-w-md">{item.servesNothingBecause}</p>}
      </div>
      {!item.isShared && (
        <div className="flex flex-col gap-2">
          {(bandKinds.includes(item.kind) || ['object', 'dumbbell', 'kettlebell', 'rucksack'].includes(item.kind)) && (
            <Link to={`/clients/${clientId}/bench?item=${item.id}`} className="btn btn-sm btn-outline">
              {bandKinds.includes(item.kind) ? 'Test on the Bench' : 'Weigh on the Bench'}
            </Link>
          )}
          <button
            type="button"
            className="btn btn-sm btn-outline"
            aria-expanded={isChanging}
            onClick={() => setIsChanging(!isChanging)}
          >
            Change it
          </button>
          <Elsewhere clientId={clientId} item={item} />
          <button type="button" className="btn btn-sm btn-outline" onClick={onTakeOff}>
            Take off the shelf
          </button>
        </div>
      )}
      {isChanging && (
        <div className="w-full">
          <ChangeThing clientId={clientId} item={item} onDone={() => setIsChanging(false)} />
        </div>
      )}
      {!item.isShared && <Condition clientId={clientId} item={item} />}
      {item.kind === 'adjustable-dumbbell' && item.measures.dial === undefined && !item.isShared && (
        <Plates clientId={clientId} itemId={item.id} />
      )}
      {item.kind in supportUses && !item.isShared && <Support key={item.id} clientId={clientId} item={item} />}
    </section>
  )
}
