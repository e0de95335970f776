import { useQuery } from '@tanstack/react-query'
import { ArrowLeft, Play } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { toast } from 'sonner'
import type { Candidate, Exclusion, Swaps } from '../../shared/api'
import { MovingFigure, StopMotion } from '../../shared/figure'
import { counted, countOf } from '../../shared/lib/counts'
import { handOver } from '../../shared/lib/handOver'
import { useKeys } from '../../shared/lib/useKeys'
import { usePhase } from '../../shared/lib/usePhase'
import { CurvePlot } from '../../shared/plot'
import { LoadNumber, Loading, Locks, PageTitle, Problem, Term } from '../../shared/ui'
import { CandidatePanel } from './CandidatePanel'
import { CandidateRow } from './CandidateRow'
import { Controls } from './Controls'
import { byExercise, listedOf, type Group } from './groups'
import { type Scope, swapsOptions, useChooseSwap } from './queries'
import { type Moved, useLive } from './useLive'

/** Each reason once, with all it speaks of; what speaks of most first. */
function byReason(exclusions: Exclusion[]): [string, string[]][] {
  const reasons = new Map<string, string[]>()
  for (const { name, reasons: said } of exclusions) {
    for (const reason of said) reasons.set(reason, [...(reasons.get(reason) ?? []), name])
  }
  return [...reasons].sort(([, one], [, other]) => other.length - one.length)
}

function WhyNot({ title, exclusions }: { title: string; exclusions: Exclusion[] }) {
  if (exclusions.length === 0) return null
  return (
    <section>
      <h3 className="text-lg">{title}</h3>
      <dl className="mt-1 grid gap-x-6 gap-y-2 sm:grid-cols-[1fr_1fr]">
        {byReason(exclusions).map(([reason, names]) => (
          <div key={reason} className="contents">
            <dt className="font-semibold">{reason}</dt>
            <dd>{names.join(', ')}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

/** Why not: every exercise, thing and setting that is left out, with its reasons. */
function EverythingElse({ swaps }: { swaps: Swaps }) {
  const related = swaps.excluded.filter((exclusion) => exclusion.related)
  const others = swaps.excluded.length - related.length
  return (
    <details className="space-y-5" open={swaps.candidates.length === 0}>
      <summary className="cursor-pointer">
        <h2 className="inline text-2xl">Why not</h2>
      </summary>
      <WhyNot title="Exercises that are out" exclusions={related} />
      <WhyNot title="Things and settings left out of exercises that are offered" exclusions={swaps.leftOut} />
      {others > 0 && (
        <p className="soft">
          {others} more exercises train another pattern than {swaps.prescribed.name.toLowerCase()}.
        </p>
      )}
    </details>
  )
}

function Written({ swaps, phase }: { swaps: Swaps; phase: number }) {
  const { prescribed, problems } = swaps
  return (
    <section aria-label="Prescribed" className="lg:sticky lg:top-4">
      <p className="soft text-sm">Prescribed</p>
      <h2 className="text-2xl">{prescribed.name}</h2>
      <p>{prescribed.words}</p>
      <MovingFigure
        figure={prescribed.figure}
        phase={phase}
        label={`${prescribed.name}, ${prescribed.words}`}
        className="my-3 h-56 w-full"
      />
      <StopMotion className="mb-2" />
      <LoadNumber equivalent={prescribed.equivalent} />
      <p className="mt-3 font-semibold">
        {prescribed.sets} sets of {countOf({ ...prescribed, perSide: false })}
      </p>
      <p className="soft text-sm">Goal: {prescribed.goal.toLowerCase()}</p>
      {problems.length > 0 ? (
        <div className="caution caution-look mt-4" role="note" aria-label="Why it needs a swap">
          <ul className="space-y-1">
            {problems.map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        </div>
      ) : (
        <p className="mt-4">The shelf can serve this as written; a swap is a choice.</p>
      )}
      {!swaps.capacityKnown && (
        <p className="mt-3 text-sm">
          No set of this pattern is on record: repetitions follow from the prescription alone. Start light; the first
          logged set calibrates them.
        </p>
      )}
    </section>
  )
}

/** The prescribed exercise on the left, what could stand in for it beside it, and the one looked at whole. */
export function SwapDeskPage() {
  const itemId = Number(useParams().itemId)
  const swaps = useQuery(swapsOptions(itemId))
  if (swaps.isPending) return <Loading what="what the shelf allows" />
  if (swaps.isError) return <Problem isPage error={swaps.error} onRetry={() => void swaps.refetch()} />
  return <Desk key={itemId} swaps={swaps.data} />
}

/** Where one stands among the exercises of the session that need another, and the way to the next. */
function Needed({ swaps }: { swaps: Swaps }) {
  const { needed, itemId } = swaps
  const at = needed.findIndex((one) => one.itemId === itemId)
  const open = needed.filter((one) => one.isOpen && one.itemId !== itemId)
  const next = open.find((one) => needed.indexOf(one) > at) ?? open[0]
  if (needed.length < 2) return null
  return (
    <p className="mb-4 flex flex-wrap items-center gap-x-4 gap-y-1">
      <strong>
        {at + 1} of {needed.length}
      </strong>
      {next === undefined ? (
        <span className="soft">Every other exercise stands.</span>
      ) : (
        <Link to={`/swap/${next.itemId}`} className="btn btn-outline btn-sm">
          Next to swap: {next.name}
        </Link>
      )}
    </p>
  )
}

const scopes: Record<Scope, string> = { set: 'for the next set', today: 'today', programme: 'from here on' }

/** So many are shown before somebody asks for more. */
const shownFirst = 10

const nothingMoved: Moved = {}

const hows: Record<string, string> = { buy: 'Buy', fill: 'Fill', borrow: 'Bring', find: 'Find' }

function Desk({ swaps }: { swaps: Swaps }) {
  const choose = useChooseSwap(swaps.itemId)
  const cameFromFloor = useSearchParams()[0].get('from') === 'floor'
  const [isAll, setIsAll] = useState(false)
  const [focusedKey, setFocusedKey] = useState<string | null>(swaps.chosenKey)
  const { prescribed } = swaps
  const groups = byExercise(swaps.candidates)
  const [opened, setOpened] = useState<string[]>([])
  const isOpen = (group: Group) =>
    opened.includes(group.exercise) || group.others.some(({ key }) => key === focusedKey || key === swaps.chosenKey)
  const candidates = listedOf(groups, isOpen)
  const groupOf = (candidate: Candidate) => groups.find(({ best }) => best.key === candidate.key)
  const place = Math.max(
    0,
    candidates.findIndex((candidate) => candidate.key === focusedKey),
  )
  const listed = candidates[place]
  const [moves, setMoves] = useState<{ of: string; moved: Moved }>({ of: '', moved: nothingMoved })
  const moved = listed && moves.of === listed.key ? moves.moved : nothingMoved
  const live = useLive(swaps.itemId, listed, moved)
  const focused = live.candidate
  const phase = usePhase({
    liftSeconds: prescribed.figure.liftSeconds,
    lowerSeconds: prescribed.figure.lowerSeconds,
  })
  const loads = [
    prescribed.equivalent,
    ...swaps.candidates.filter((candidate) => !candidate.byMuscles).map((candidate) => candidate.equivalent),
  ].filter((load) => load !== null)
  const range = [
    Math.min(0, ...loads.map((load) => load.lowKg)),
    Math.max(5, ...loads.map((load) => load.highKg)),
  ] as const

  const orderOf = (candidate: Candidate | undefined) =>
    groups.findIndex(({ exercise }) => exercise === candidate?.exercise)
  const isEverything = isAll || orderOf(listed) >= shownFirst
  const isShown = (candidate: Candidate) => isEverything || orderOf(candidate) < shownFirst
  const moreOf = (candidate: Candidate) => {
    const group = groupOf(candidate)
    if (group === undefined) return undefined
    const isUnfolded = isOpen(group)
    return {
      count: group.others.length,
      isOpen: isUnfolded,
      onToggle: () => {
        setOpened((before) =>
          isUnfolded ? before.filter((one) => one !== group.exercise) : [...before, group.exercise],
        )
        // Whoever shuts it looks at its best again.
        if (isUnfolded) setFocusedKey(candidate.key)
      },
    }
  }

  const undo = () => {
    if (swaps.swappedFrom !== null)
      choose.mutate(
        { key: null, scope: swaps.isFromHereOn ? 'programme' : 'today' },
        {
          onSuccess: () =>
            toast(
              swaps.isFromHereOn
                ? 'The prescription stands again, here and in later sessions'
                : 'The prescription stands again',
            ),
        },
      )
  }
  const locked = swaps.locks.length > 0
  const isMoved = Object.keys(moved).length > 0
  const stand = (candidate: Candidate, choice: Parameters<typeof choose.mutate>[0]) => {
    const scope = choice.scope ?? 'today'
    choose.mutate(choice, {
      onSuccess: () => {
        const words =
          candidate.name === prescribed.name
            ? `${candidate.name}, ${candidate.words}, instead of ${prescribed.words} ${scopes[scope]}`
            : `${candidate.name} instead of ${prescribed.name} ${scopes[scope]}`
        if (cameFromFloor) {
          // Somebody is waiting there.
          handOver({ words, undo: scope === 'today' ? `items/${swaps.itemId}/swaps` : null })
          location.assign(`/floor/${swaps.sessionId}`)
          return
        }
        toast.success(words, {
          action: { label: 'Undo', onClick: () => choose.mutate({ key: null, scope }) },
        })
      },
      onError: (error) => toast.error(error.message),
    })
  }
  const putIn = (scope: Scope = 'today') => {
    if (focused === undefined || listed === undefined || choose.isPending || live.problem !== null || locked) return
    if (scope === 'today' && focused.key === swaps.chosenKey && !isMoved) return
    stand(focused, {
      key: listed.key,
      scope,
      ...(isMoved ? { live: { exercise: listed.exercise, setting: listed.setting, moved } } : {}),
    })
  }
  /** Number keys choose at once; `u` takes it back. */
  const takeNumber = (candidate: Candidate) => {
    if (choose.isPending || locked) return
    setFocusedKey(candidate.key)
    setMoves({ of: '', moved: nothingMoved })
    if (candidate.key !== swaps.chosenKey) stand(candidate, { key: candidate.key, scope: 'today' })
  }
  const look = (to: number) => {
    const candidate = candidates[Math.min(candidates.length - 1, Math.max(0, to))]
    if (candidate === undefined) return
    setFocusedKey(candidate.key)
    document.getElementById(`candidate-${candidates.indexOf(candidate) + 1}`)?.scrollIntoView({ block: 'nearest' })
  }
  useKeys({
    ArrowDown: () => look(place + 1),
    ArrowUp: () => look(place - 1),
    Enter: () => putIn(),
    s: () => swaps.isRunning && putIn('set'),
    p: () => swaps.laterCount > 0 && !isMoved && putIn('programme'),
    u: undo,
    ...Object.fromEntries(candidates.slice(0, 9).map((candidate, i) => [String(i + 1), () => takeNumber(candidate)])),
  })

  return (
    <>
      <div className="mb-5 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Link to={`/clients/${swaps.clientId}`} className="btn btn-sm btn-ghost -ml-3">
          <ArrowLeft className="size-4" aria-hidden="true" />
          {swaps.clientName}
        </Link>
        <PageTitle title={`Swap desk · ${swaps.clientName}`} className="soft text-lg font-normal">
          Swap desk · {swaps.sessionName}
        </PageTitle>
        <div className="ml-auto flex gap-2">
          {swaps.swappedFrom !== null && (
            <button type="button" className="btn btn-outline btn-sm" onClick={undo}>
              Undo the swap <kbd className="key">u</kbd>
            </button>
          )}
          <Link reloadDocument to={`/floor/${swaps.sessionId}`} className="btn btn-primary btn-sm">
            <Play className="size-4" aria-hidden="true" />
            Open the Floor
          </Link>
        </div>
      </div>
      <Needed swaps={swaps} />
      <Locks locks={swaps.locks} clientId={swaps.clientId} />
      <div className="grid items-start gap-x-8 gap-y-6 *:min-w-0 lg:grid-cols-[14rem_1fr_25rem]">
        <Written swaps={swaps} phase={phase} />
        <section aria-label="Candidates" className={`min-w-0 ${focused ? '' : 'lg:col-span-2'}`}>
          {focused && (
            <div className="desk-curves">
              <CurvePlot
                phase={phase}
                curves={[
                  // Along different joints two curves have no common height.
                  ...(focused.byMuscles
                    ? []
                    : [{ name: 'Prescribed', curve: prescribed.curve, tone: 'wanted' as const }]),
                  { name: focused.name, curve: focused.curve, tone: 'offered' },
                ]}
              />
              {focused.shapeDifference > 0 && !focused.byMuscles && (
                <p className="soft text-sm">
                  Shapes differ by {focused.shapeDifference.toFixed(2)}; 0 is the same shape.
                </p>
              )}
            </div>
          )}
          <p className="soft mb-1 text-sm">
            {candidates.length === 0 ? (
              'Nothing on this shelf fits'
            ) : (
              <>
                {counted(groups.length, 'exercise')} in {counted(swaps.candidates.length, 'setting')}, best{' '}
                <Term word="match">match</Term> first; the mark on the line is what was prescribed
              </>
            )}
          </p>
          {candidates.length === 0 && (
            <div role="alert" className="caution caution-look mb-6">
              <div>
                <p className="font-semibold">No swap can be offered.</p>
                <p>
                  Below stands why for each exercise. Leave it out today, or put something on the{' '}
                  <Link to={`/clients/${swaps.clientId}/shelf`} className="link">
                    shelf
                  </Link>
                  .
                </p>
                {swaps.openers.length === 0 ? (
                  <p className="mt-2 font-semibold">None of the usual single additions would bring one.</p>
                ) : (
                  <>
                    <p className="mt-2 font-semibold">
                      {swaps.openers[0]?.pieces === 1
                        ? 'One thing would open it:'
                        : 'None of the usual single additions would bring one; two together would:'}
                    </p>
                    <ul className="list-disc pl-5">
                      {swaps.openers.map((opener) => (
                        <li key={opener.words}>
                          <strong>
                            {hows[opener.how]} {opener.words}
                          </strong>
                          : {opener.swaps === 1 ? 'one swap' : `${opener.swaps} swaps`}, the best {opener.best} (
                          {opener.matchPercent} %)
                        </li>
                      ))}
                    </ul>
                  </>
                )}
              </div>
            </div>
          )}
          {candidates.length === 0 && <EverythingElse swaps={swaps} />}
          <ol>
            {candidates.filter(isShown).map((candidate, i) => (
              <CandidateRow
                key={candidate.key}
                candidate={candidate}
                prescribed={prescribed}
                number={i + 1}
                focused={i === place}
                chosen={candidate.key === swaps.chosenKey}
                range={range}
                more={moreOf(candidate)}
                isNested={groupOf(candidate) === undefined}
                onFocus={() => setFocusedKey(candidate.key)}
              />
            ))}
          </ol>
          {!isEverything && groups.length > shownFirst && (
            <button type="button" className="btn btn-outline mt-3" onClick={() => setIsAll(true)}>
              {counted(groups.length - shownFirst, 'more exercise')}, further off
            </button>
          )}
        </section>
        {focused && (
          <div className="lg:sticky lg:top-4 lg:max-h-[calc(100dvh-2rem)] lg:overflow-auto">
            <CandidatePanel
              candidate={focused}
              phase={phase}
              chosen={focused.key === swaps.chosenKey}
              busy={choose.isPending}
              running={swaps.isRunning}
              later={isMoved ? 0 : swaps.laterCount}
              blocked={live.problem !== null || locked}
              controls={
                <Controls
                  controls={listed?.controls ?? []}
                  moved={moved}
                  live={live}
                  onMove={(to) => listed && setMoves({ of: listed.key, moved: to })}
                />
              }
              onUse={putIn}
            />
          </div>
        )}
      </div>
      {focused && (
        <div className="desk-bar lg:hidden">
          <span className="min-w-0 grow leading-tight">
            <strong className="block">{focused.name}</strong>
            <span className="soft block truncate text-sm">{focused.words}</span>
          </span>
          <button
            type="button"
            className="btn btn-primary"
            aria-label={`Take ${focused.name} today`}
            disabled={choose.isPending || focused.key === swaps.chosenKey || live.problem !== null || locked}
            onClick={() => putIn()}
          >
            {focused.key === swaps.chosenKey ? 'In use' : 'Use it'}
          </button>
        </div>
      )}
      {focused && (
        <div className="mt-10 border-t-2 border-base-300 pt-6">
          <EverythingElse swaps={swaps} />
        </div>
      )}
    </>
  )
}
