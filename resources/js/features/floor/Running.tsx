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
import { useLogSet, useSessionState, useUndoSet, type DoneSet } from './queries'
import { Rest } from './Rest'
import { nextStep, placedSteps, stepKey, type PlacedStep } from './steps'
import { useSkipped } from './useSkipped'

interface Resting {
  endsAt: number
  totalSeconds: number
}

function Progress({ steps, current }: { steps: PlacedStep[]; current: PlacedStep | null }) {
  const through = steps.filter((step) => step.log !== null || step.skipped).length
  return (
    <div className="mt-3 flex gap-1" role="img" aria-label={`${through} of ${steps.length} sets through`}>
      {steps.map((step) => (
        <span
          key={stepKey(step)}
          className={`h-2.5 grow rounded-sm ${step.log ? 'bg-primary' : step.skipped ? 'bg-base-300' : step === current ? 'bg-accent' : 'border-2 border-base-300'}`}
        />
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

/** The session as it runs: one set at a time, rest between, nothing skipped unless it is said. */
export function Running({ session }: { session: Session }) {
  const { skipped, skip } = useSkipped(session.id)
  const logSet = useLogSet(session.id)
  const undoSet = useUndoSet()
  const state = useSessionState(session.id)
  const [rest, setRest] = useState<Resting | null>(null)
  const [painAt, setPainAt] = useState<PlacedStep | null>(null)
  const [paused, setPaused] = useState(false)
  useEffect(() => {
    window.scrollTo(0, 0)
  }, [])
  const steps = placedSteps(session, skipped)
  const current = nextStep(steps)
  const logged = steps.flatMap((step) => (step.log === null ? [] : [step.log]))
  const last = logged.reduce<(typeof logged)[number] | null>(
    (newest, log) => (newest === null || log.id > newest.id ? log : newest),
    null,
  )

  const log = (done: DoneSet) => {
    readyBell()
    const step = current
    logSet.mutate(done, {
      onSuccess: () => {
        if (step === null) return
        if (done.pain) setPainAt(step)
        if (step.restSeconds > 0) {
          setRest({ endsAt: Date.now() + 1000 * step.restSeconds, totalSeconds: step.restSeconds })
        }
      },
    })
  }
  const undo = () => {
    if (last === null || undoSet.isPending) return
    undoSet.mutate(last.id, {
      onSuccess: () => {
        setRest(null)
        setPainAt(null)
        toast('The last set is taken back')
      },
    })
  }
  const leaveOut = (step: PlacedStep) => {
    skip(steps.filter((other) => other.itemId === step.itemId && other.log === null).map(stepKey))
    setPainAt(null)
    setRest(null)
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
          <button
            type="button"
            className="btn btn-primary btn-lg mt-6 h-16 w-full text-xl"
            onClick={() => state.mutate('done')}
          >
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
                onLonger={() => setRest({ endsAt: rest.endsAt + 15_000, totalSeconds: rest.totalSeconds + 15 })}
                onEnd={() => setRest(null)}
              />
            ) : (
              <LogPanel
                key={`${stepKey(current)}/${current.item.exercise}/${current.item.words}`}
                step={current}
                busy={logSet.isPending}
                error={logSet.error}
                onLog={log}
              />
            )}
            <div className="mt-3 flex flex-wrap justify-between gap-2">
              <button type="button" className="btn btn-ghost btn-sm" onClick={undo} disabled={last === null}>
                <Undo2 className="size-4" aria-hidden="true" /> Undo the last set
              </button>
              <Link to={`/swap/${current.itemId}`} className="btn btn-ghost btn-sm">
                <ArrowLeftRight className="size-4" aria-hidden="true" /> Swap
              </Link>
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => skip([stepKey(current)])}>
                <SkipForward className="size-4" aria-hidden="true" /> Skip this set
              </button>
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => state.mutate('done')}>
                End early
              </button>
            </div>
          </div>
        </div>
      )}
    </>
  )
}
