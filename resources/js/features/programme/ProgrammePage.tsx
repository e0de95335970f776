import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { toast } from 'sonner'
import { ApiError, type Programme, type Programmes } from '../../shared/api'
import { useKept } from '../../shared/lib/useKept'
import { counted } from '../../shared/lib/counts'
import { briefDay } from '../../shared/lib/time'
import { useSettled } from '../../shared/lib/useSettled'
import { Empty, FormProblem, Loading, Problem } from '../../shared/ui'
import { ForecastRails } from './ForecastRails'
import { Forward } from './Forward'
import { firstWish, PlanForm, wishOf } from './PlanForm'
import { Proofs } from './Proofs'
import { Changes } from './Changes'
import { FromCopies } from './Copies'
import {
  breakOptions,
  type Pinned,
  programmesOptions,
  readingOptions,
  reviewOptions,
  useDiscard,
  useKeep,
  usePropose,
  useResume,
} from './queries'
import { RunActions } from './RunActions'
import { useRunning } from './running'
import { StartPanel } from './StartPanel'
import { Weeks } from './Weeks'
import { goToText, Reading, SessionText } from './Written'

/** True of a programme that runs or waits for its day: only one does. */
const hasVisits = (state: string) => state === 'running' || state === 'waiting'

const states: Record<string, string> = {
  proposed: 'proposed, not kept yet',
  draft: 'a draft: it does not run yet',
  waiting: 'started: it waits for its first day',
  running: 'running',
  ended: 'ended',
}

function Shown({
  programme,
  pins,
  takesFocus = false,
  children,
}: {
  programme: Programme
  pins: { pinned: Pinned[]; onPin: (pinned: Pinned[]) => void } | null
  takesFocus?: boolean
  children?: React.ReactNode
}) {
  const title = useRef<HTMLHeadingElement>(null)
  const isProposed = programme.state === 'proposed'
  useEffect(() => {
    // What was asked for is where one goes on reading.
    if (takesFocus) title.current?.focus()
  }, [takesFocus, programme])
  return (
    <section aria-label={programme.name}>
      <div className={`flex flex-wrap items-end gap-x-4 gap-y-2 ${isProposed ? 'mt-8' : ''}`}>
        <div className="grow">
          <h2 ref={title} tabIndex={-1} className="text-2xl outline-none">
            {programme.name}
          </h2>
          <p className="soft">{states[programme.state]}</p>
        </div>
        {children}
      </div>
      <div className="mt-4 grid items-start gap-x-10 gap-y-8 lg:grid-cols-[1fr_21rem]">
        <div className="min-w-0">
          <Weeks programme={programme} pins={pins} />
          {programme.id !== null && programme.weeks.length > 1 && (
            <ForecastRails programmeId={programme.id} now={programme.state === 'running' ? programme.week : null} />
          )}
          <Forward programme={programme} />
        </div>
        <div className="space-y-6">
          {programme.id !== null && <Changes clientId={programme.clientId} programmeId={programme.id} />}
          <Proofs programme={programme} />
        </div>
      </div>
    </section>
  )
}

/** The others by name: drafts that wait, and what ended. */
function Others({ programmes, shown }: { programmes: Programmes; shown: number | null }) {
  const others = programmes.all.filter((one) => one.id !== shown && one.weeks > 0)
  if (others.length === 0) return null
  return (
    <nav aria-label="Other programmes" className="mt-10">
      <h2 className="text-lg">Others</h2>
      <ul>
        {others.map((one) => (
          <li key={one.id} className="border-b border-base-300 py-1.5">
            <Link className="link" to={`?programme=${one.id}`}>
              {one.name}
            </Link>
            {shown !== null && (
              <Link className="link ml-3 text-sm" to={`${shown}/with/${one.id}`}>
                side by side
              </Link>
            )}
            <span className="soft">
              {' '}
              · {states[one.state]}, from {briefDay(one.startsOn)}, {counted(one.weeks, 'week')}
            </span>
          </li>
        ))}
      </ul>
    </nav>
  )
}

/** Why it was not kept, beside what was pressed, with the way to what has to be put right. */
function NotKept({ error, onGo }: { error: Error; onGo: (() => void) | null }) {
  const words = error instanceof ApiError ? (Object.values(error.errors)[0]?.[0] ?? error.message) : error.message
  const said = useRef<HTMLParagraphElement>(null)
  useEffect(() => said.current?.focus(), [error])
  return (
    <p ref={said} tabIndex={-1} role="alert" className="w-full font-semibold text-error outline-none">
      {words}{' '}
      {onGo !== null && (
        <button type="button" className="btn btn-outline btn-sm" onClick={onGo}>
          Go to the text
        </button>
      )}
    </p>
  )
}

interface Again {
  programme: Programme
  pinned: Pinned[]
}

function Planning({
  clientId,
  programmes,
  again,
  onDone,
}: {
  clientId: number
  programmes: Programmes
  /** An earlier one whose rest is planned again, with what stays of it. */
  again: Again | null
  onDone: (kept: Programme | null, isStarting: boolean) => void
}) {
  const [wish, setWish] = useState(() => (again ? wishOf(again.programme) : firstWish(programmes)))
  const [pinned, setPinned] = useState<Pinned[]>(again?.pinned ?? [])
  const [way, setWay] = useState<'plan' | 'write' | 'copy'>('plan')
  // A session written by hand is long: it waits until it is kept.
  const [typed, setTyped] = useKept(`session-text-${clientId}`, '')
  const settled = useSettled(typed, 400)
  const writes = way === 'write'
  const reading = useQuery(readingOptions(clientId, wish, writes ? settled : ''))
  const propose = usePropose(clientId)
  const keep = useKeep(clientId)
  const error = (writes ? reading.error : propose.error) ?? keep.error
  const proposal = writes ? (settled.trim() === '' ? undefined : reading.data) : propose.data
  const asked = { wish, pinned, text: writes ? typed : null }
  // Then it is kept first, and asked when the other one ends.
  const someRuns = programmes.all.some(({ state }) => hasVisits(state))
  const isFirst = useRef(again !== null)
  useEffect(() => {
    // What was asked for by choosing what stays is asked for at once.
    if (!isFirst.current) return
    isFirst.current = false
    propose.mutate(asked)
  })
  const done = (kept: Programme | null, isStarting: boolean) => {
    if (writes) setTyped('')
    onDone(kept, isStarting)
  }
  const plan = () => {
    keep.reset()
    if (!writes) propose.mutate(asked)
  }
  return (
    <>
      <div role="radiogroup" aria-label="Way in" className="mb-3 flex flex-wrap gap-1">
        {(
          [
            ['plan', 'Plan it for me'],
            ['write', 'Write it'],
            ['copy', 'Copy one'],
          ] as const
        ).map(([id, name]) => (
          <label key={id} className="week-peg day-peg">
            <input type="radio" name="way" className="sr-only" checked={way === id} onChange={() => setWay(id)} />
            {name}
          </label>
        ))}
      </div>
      {way === 'copy' && <FromCopies clientId={clientId} />}
      <form
        className={way === 'copy' ? 'hidden' : ''}
        aria-label="Plan a programme"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          plan()
        }}
      >
        <PlanForm
          programmes={programmes}
          wish={wish}
          onChange={setWish}
          error={error instanceof ApiError ? error : null}
        >
          {!writes && (
            <button className="btn btn-primary" disabled={propose.isPending || wish.days.length === 0}>
              {propose.isPending ? 'Planning…' : proposal ? 'Plan again' : 'Plan it for me'}
            </button>
          )}
          {programmes.shown && (
            <button type="button" className="btn btn-ghost ml-2" onClick={() => onDone(null, false)}>
              Back to what runs
            </button>
          )}
          {!writes && pinned.length > 0 && (
            <p className="mt-2 text-sm">
              {pinned.length === 1 ? 'One exercise stays' : `${pinned.length} exercises stay`} as chosen.{' '}
              <button type="button" className="link" onClick={() => setPinned([])}>
                Let all go
              </button>
            </p>
          )}
          <FormProblem error={error} />
          {propose.isPending && (
            <p role="status" className="mt-2 flex items-center gap-3">
              <span className="loading loading-dots loading-md text-primary" aria-hidden="true" />
              Trying rungs, sets and days…
            </p>
          )}
        </PlanForm>
        {writes && (
          <div className="mt-4">
            <SessionText
              text={typed}
              onChange={setTyped}
              error={error instanceof ApiError ? error.about('text') : undefined}
            />
          </div>
        )}
      </form>
      {way !== 'copy' && proposal && proposal.written.length > 0 && (
        <Reading
          lines={proposal.written}
          onInstead={(text, instead) =>
            setTyped(typed.replace(new RegExp(text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'), 'i'), instead))
          }
        />
      )}
      {way !== 'copy' && proposal && proposal.weeks.some((week) => week.sessions.length > 0) && (
        <Shown programme={proposal} pins={writes ? null : { pinned, onPin: setPinned }} takesFocus={!writes}>
          <button
            type="button"
            className="btn btn-outline"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ ...asked, start: false }, { onSuccess: (kept) => done(kept, false) })}
          >
            Keep as a draft
          </button>
          <button
            type="button"
            className="btn btn-primary"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ ...asked, start: !someRuns }, { onSuccess: (kept) => done(kept, true) })}
          >
            {keep.isPending ? 'Writing it down…' : 'Start it'}
          </button>
          {keep.error !== null && <NotKept error={keep.error} onGo={writes ? goToText : null} />}
        </Shown>
      )}
    </>
  )
}

interface StartButtonProps {
  clientId: number
  programme: Programme
  /** True where another one runs: then it is asked when that one ends. */
  isAsked: boolean
  isOpen: boolean
  onOpen: () => void
  onStarted: () => void
}

/** Starts a draft at once, or asks first. */
function StartButton({ clientId, programme, isAsked, isOpen, onOpen, onStarted }: StartButtonProps) {
  const { start } = useRunning(clientId, Number(programme.id))
  return (
    <>
      <button
        type="button"
        className="btn btn-primary"
        disabled={start.isPending}
        {...(isAsked && { 'aria-expanded': isOpen })}
        onClick={() => (isAsked ? onOpen() : start.mutate(null, { onSuccess: onStarted }))}
      >
        Start it
      </button>
      {start.error !== null && <NotKept error={start.error} onGo={null} />}
    </>
  )
}

/** Says so where something of it no longer stands. */
function NoLonger({ clientId, programmeId }: { clientId: number; programmeId: number }) {
  const review = useQuery(reviewOptions(programmeId))
  const count = review.data?.entries.length ?? 0
  if (count === 0) return null
  return (
    <p role="status" className="caution mb-4">
      <span>
        {counted(count, 'exercise')} {count === 1 ? 'does' : 'do'} not stand any more: the shelf, the room or a limit
        has changed.{' '}
        <Link className="link font-semibold" to={`/clients/${clientId}/programme/${programmeId}/review`}>
          Look through and mend
        </Link>
      </span>
    </p>
  )
}

/** Says so where visits were missed, and where it would go on. */
function Missed({ programmeId }: { programmeId: number }) {
  const missed = useQuery(breakOptions(programmeId))
  const { goOn, moveBack } = useResume(programmeId)
  if (!missed.data || missed.data.words === '') return null
  const { words, week, goesOnFrom, startsOn, isRungDown } = missed.data
  return (
    <div role="status" className="caution mb-4">
      <div>
        <p>
          {counted(missed.data.missed, 'visit')} missed. {words}
        </p>
        <button
          type="button"
          className="btn btn-outline btn-sm mt-2"
          disabled={goOn.isPending}
          onClick={() =>
            goOn.mutate(undefined, {
              onSuccess: () =>
                toast(
                  `Week ${week} begins on ${briefDay(goesOnFrom)}${isRungDown ? '; the rung down is undone in the week' : ''}`,
                  { action: { label: 'Undo', onClick: () => moveBack.mutate(startsOn) } },
                ),
            })
          }
        >
          Go on with week {week} from {briefDay(goesOnFrom)}
        </button>
        <FormProblem error={goOn.error} />
      </div>
    </div>
  )
}

/** A client's programme: what runs, or a new one planned from goal, days, minutes and shelf. */
export function ProgrammePage() {
  const clientId = Number(useParams().clientId)
  const [search, setSearch] = useSearchParams()
  const wanted = search.get('programme')
  const programmes = useQuery(programmesOptions(clientId, wanted))
  const [isStarting, setIsStarting] = useState(false)
  const { discard, putBack } = useDiscard()
  const [isPlanning, setIsPlanning] = useState(false)
  const [again, setAgain] = useState<Again | null>(null)
  const [pinned, setPinned] = useState<Pinned[]>([])
  if (programmes.isPending) return <Loading what="the programme" />
  if (programmes.isError) return <Problem error={programmes.error} onRetry={() => void programmes.refetch()} />
  const shown = programmes.data.shown
  if (isPlanning || shown === null) {
    return (
      <>
        {shown === null && !isPlanning && (
          <Empty title="No programme yet">
            <p>
              Say what it is for and on which days there is time. The planner chooses exercises, loads and sets from
              this shelf, keeps every limit, and shows its proofs; you keep what you like and plan the rest again.
            </p>
          </Empty>
        )}
        <Planning
          clientId={clientId}
          programmes={programmes.data}
          again={again}
          onDone={(kept, isStarting) => {
            setIsPlanning(false)
            setAgain(null)
            setPinned([])
            if (kept === null) return
            setIsStarting(isStarting && kept.state === 'draft')
            setSearch(kept.state === 'draft' ? { programme: String(kept.id) } : {})
          }}
        />
        <Others programmes={programmes.data} shown={null} />
      </>
    )
  }
  return (
    <>
      {shown.id !== null && shown.state !== 'ended' && <NoLonger clientId={clientId} programmeId={shown.id} />}
      {shown.id !== null && shown.state === 'running' && <Missed programmeId={shown.id} />}
      {shown.state === 'draft' && isStarting && (
        <StartPanel
          clientId={clientId}
          programme={shown}
          onStarted={() => {
            setIsStarting(false)
            setSearch({})
          }}
          onLeave={() => setIsStarting(false)}
        />
      )}
      {shown.id !== null && shown.state !== 'draft' && <RunActions programme={shown} />}
      <Shown programme={shown} pins={shown.state === 'draft' ? { pinned, onPin: setPinned } : null}>
        {shown.state === 'draft' && (
          <button
            type="button"
            className="btn btn-ghost"
            disabled={discard.isPending}
            onClick={() =>
              discard.mutate(Number(shown.id), {
                onSuccess: () => {
                  setSearch({})
                  toast(`${shown.name} is thrown away`, {
                    action: { label: 'Undo', onClick: () => putBack.mutate(Number(shown.id)) },
                  })
                },
              })
            }
          >
            Throw away
          </button>
        )}
        {shown.state === 'draft' && (
          <StartButton
            clientId={clientId}
            programme={shown}
            isAsked={programmes.data.all.some(({ id, state }) => id !== shown.id && hasVisits(state))}
            isOpen={isStarting}
            onOpen={() => setIsStarting(!isStarting)}
            onStarted={() => setSearch({})}
          />
        )}
        {shown.state === 'draft' && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => {
              setAgain({ programme: shown, pinned })
              setIsPlanning(true)
            }}
          >
            {pinned.length === 0 ? 'Plan it again' : 'Plan the rest again'}
          </button>
        )}
        <button
          type="button"
          className={`btn ${shown.state === 'draft' ? 'btn-outline' : 'btn-primary'}`}
          onClick={() => setIsPlanning(true)}
        >
          Plan a new one
        </button>
      </Shown>
      <Others programmes={programmes.data} shown={shown.id} />
    </>
  )
}
