import { ArrowLeftRight, Pause, Play, SkipForward, Undo2 } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import type { Session } from '../../shared/api'
import { useKeys } from '../../shared/lib/useKeys'
import { readyBell } from './bell'
import { FloorHead } from './FloorHead'
import { LogPanel } from './LogPanel'
import { Movement } from './Movement'
import { eventOf, lastAction, setDone, type DoneSet } from './events'
import { happen } from './outbox'
import { Rest } from './Rest'
import { nextStep, placedSteps, stepKey, type PlacedStep } from './steps'
import { useRest } from './useRest'

function toneOf(step: PlacedStep, isCurrent: boolean): string {
  if (step.log !== null) return 'bg-primary'
  if (step.skipped) return 'bg-base-300'
  return isCurrent ? 'bg-accent' : 'border-2 border-base-300'
}

function Progress({ steps, current }: { steps: PlacedStep[]; current: PlacedStep | null }) {
  const through = steps.filter((step) => step.log !== null || step.skipped).length
  return (
    <div className="mt-3 flex gap-1" role="img" aria-label={`${through} of ${steps.length} sets through`}>
      {steps.map((step) => (
        <span key={stepKey(step)} className={`h-2.5 grow rounded-sm ${toneOf(step, step === current)}`} />
      ))}
    </div>
  )
}

function PainStop({ step, onLeaveOut, onGoOn }: { step: PlacedStep; onLeaveOut: () => void; onGoOn: () => void }) {
  return (
    <section role="alertdialog" aria-label="Pain" className="floor-log border-error">
      <h2 className="text-2xl text-error">Stop {step.item.name.toLowerCase()}</h2>
      <p className="mt-2">
        Pain in the chest, dizziness or unusual breathlessness: end the session and call for help. Pain in a joint, or
        pain that travels: leave this movement today and ask a clinician before it comes back.
      </p>
      <div className="mt-4 grid gap-2">
        <Link to={`/swap/${step.item.id}`} className="btn btn-primary btn-lg">
          <ArrowLeftRight className="size-5" aria-hidden="true" /> Find another way
        </Link>
        <button type="button" className="btn btn-outline btn-lg" onClick={onLeaveOut}>
          Leave it out today
        </button>
        <button type="button" className="btn btn-ghost" onClick={onGoOn}>
          It has passed: go on, lighter
        </button>
      </div>
    </section>
  )
}

/** What is put down, taken up or changed before a set; empty where the same goes on. */
function before(steps: PlacedStep[], current: PlacedStep): string[] {
  return steps[steps.indexOf(current) - 1]?.then ?? []
}

/** The session as it runs: one set at a time, rest between, nothing skipped unless it is said. */
export function Running({ session }: { session: Session }) {
  const { rest, begin, longer, end } = useRest(session.id)
  const [painAt, setPainAt] = useState<PlacedStep | null>(null)
  const [paused, setPaused] = useState(false)
  useEffect(() => {
    window.scrollTo(0, 0)
  }, [])
  const steps = placedSteps(session)
  const current = nextStep(steps)
  const last = lastAction(session)
  const finish = () => {
    end()
    happen(eventOf(session, 'ended', new Date()))
  }

  const log = (done: DoneSet) => {
    readyBell()
    if (current === null) return
    happen(setDone(session, current.item, done, new Date()))
    if (done.pain) setPainAt(current)
    if (current.restSeconds > 0) begin(current.restSeconds)
  }
  const undo = () => {
    if (last === null) return
    const kind = last.kind === 'set' ? 'set-voided' : 'taken-up'
    happen(...last.keys.map((targetKey) => eventOf(session, kind, new Date(), { targetKey })))
    end()
    setPainAt(null)
    toast(last.kind === 'set' ? 'The last set is taken back' : 'What was skipped is back')
  }
  const skip = (those: PlacedStep[]) => {
    // One moment for all, so that Undo brings them back together.
    const now = new Date()
    happen(...those.map(({ itemId, setNumber, side }) => eventOf(session, 'skipped', now, { itemId, setNumber, side })))
  }
  const leaveOut = (step: PlacedStep) => {
    skip(steps.filter((other) => other.itemId === step.itemId && other.log === null && !other.skipped))
    setPainAt(null)
    end()
  }
  const restLonger = (seconds: number) => {
    longer(seconds)
    happen(eventOf(session, 'rest-longer', new Date(), { seconds }))
  }
  useKeys({ u: undo })

  return (
    <>
      <FloorHead session={session}>
        <button
          type="button"
          className="btn btn-ghost btn-square"
          aria-label={paused ? 'Let the figure move' : 'Hold the figure still'}
          onClick={() => setPaused(!paused)}
        >
          {paused ? <Play className="size-6" /> : <Pause className="size-6" />}
        </button>
      </FloorHead>
      <Progress steps={steps} current={current} />
      {current === null ? (
        <section className="mx-auto max-w-xl py-16 text-center">
          <h1 className="text-4xl">That was the last set</h1>
          <p className="mt-3 text-lg">Cool down and stretch before the shoes come off.</p>
          <button type="button" className="btn btn-primary btn-lg mt-6 h-16 w-full text-xl" onClick={finish}>
            End the session
          </button>
        </section>
      ) : (
        <div className="grid items-start gap-x-10 gap-y-4 pt-4 lg:grid-cols-[1.5fr_1fr]">
          <Movement step={current} resting={rest !== null} paused={paused} />
          <div className="floor-side-panel">
            {painAt !== null ? (
              <PainStop step={painAt} onLeaveOut={() => leaveOut(painAt)} onGoOn={() => setPainAt(null)} />
            ) : rest !== null ? (
              <Rest
                endsAt={rest.endsAt}
                totalSeconds={rest.totalSeconds}
                change={before(steps, current)}
                onLonger={() => restLonger(15)}
                onEnd={end}
              />
            ) : (
              <LogPanel
                key={`${stepKey(current)}/${current.item.exercise}/${current.item.words}`}
                step={current}
                onLog={log}
              />
            )}
            <div className="mt-3 flex flex-wrap justify-between gap-2">
              <button type="button" className="btn btn-ghost btn-sm" onClick={undo} disabled={last === null}>
                <Undo2 className="size-4" aria-hidden="true" />{' '}
                {last?.kind === 'skip' ? 'Undo the skip' : 'Undo the last set'}
              </button>
              <Link to={`/swap/${current.itemId}`} className="btn btn-ghost btn-sm">
                <ArrowLeftRight className="size-4" aria-hidden="true" /> Swap
              </Link>
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => skip([current])}>
                <SkipForward className="size-4" aria-hidden="true" /> Skip this set
              </button>
              <button type="button" className="btn btn-ghost btn-sm" onClick={finish}>
                End early
              </button>
            </div>
          </div>
        </div>
      )}
    </>
  )
}
