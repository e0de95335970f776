import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { toast } from 'sonner'
import type { Programme, Programmes } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { briefDay } from '../../shared/lib/time'
import { Empty, FormProblem, Loading, Problem } from '../../shared/ui'
import { NotKept } from './NotKept'
import { type Again, Planning } from './Planning'
import { breakOptions, type Pinned, programmesOptions, reviewOptions, useDiscard, useResume } from './queries'
import { RunActions } from './RunActions'
import { useRunning } from './running'
import { Shown } from './Shown'
import { StartPanel } from './StartPanel'
import { hasVisits, states } from './states'

/** The others by name: drafts that wait, and what ended. */
function Others({ programmes, shown }: { programmes: Programmes; shown: number | null }) {
  const others = programmes.all.filter((one) => one.id !== shown && one.weeks > 0)
  if (others.length === 0) return null
  return (
    <nav aria-label="Other programmes" className="mt-6">
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

interface StartButtonProps {
  clientId: number
  programme: Programme
  /** True where another one runs: then it is asked when that one ends. */
  isAsked: boolean
  isOpen: boolean
  onOpen: () => void
}

/** Starts a draft at once, or asks first. */
function StartButton({ clientId, programme, isAsked, isOpen, onOpen }: StartButtonProps) {
  const { start } = useRunning(clientId, Number(programme.id))
  return (
    <>
      <button
        type="button"
        className="btn btn-primary"
        disabled={start.isPending}
        {...(isAsked && { 'aria-expanded': isOpen })}
        onClick={() => (isAsked ? onOpen() : start.mutate(null))}
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
                  `Week ${week} begins on ${briefDay(goesOnFrom)}${isRungDown ? '; the lighter loads are undone in the week' : ''}`,
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
          onStarted={() => setIsStarting(false)}
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
