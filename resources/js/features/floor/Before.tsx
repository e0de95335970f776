import { ArrowLeftRight, HeartPulse, Shuffle, Undo2 } from 'lucide-react'
import { Suspense, useState } from 'react'
import type { Alternative, Item, Session } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { useKeys } from '../../shared/lib/useKeys'
import { Cautions, Locks } from '../../shared/ui'
import { readyBell } from './device/bell'
import { happen, madeHere, useOutbox } from './device/outbox'
import { FloorHead } from './FloorHead'
import { Readiness, SwapSheet } from './later'
import { MessageLine } from './MessageLine'
import { useAlternatives, usePutBack } from './queries'
import { swap, undoSwap } from './run/acts'
import { eventOf } from './run/events'
import { othersOf } from './run/others'
import { runOf } from './run/run'
import { blockWords, isTooHigh } from './said'
import { useArmed } from './useArmed'

function PlannedItem({ item, onSwap, onUndo }: { item: Item; onSwap: () => void; onUndo: (() => void) | null }) {
  return (
    <li className="flex items-center gap-x-3 border-b border-base-300 py-2.5">
      <span className="min-w-0 grow">
        <span className="font-display text-lg font-semibold">{item.name}</span>
        {item.leftOut === null ? (
          <>
            <span className="sentence block leading-snug">{item.words}</span>
            <span className="soft block text-sm">
              {item.sets} × {item.dose}
              {item.tempo && ` · ${item.tempo}`}
            </span>
            {item.swappedFrom && <span className="soft block text-sm">instead of {item.swappedFrom}</span>}
          </>
        ) : (
          <span className="block leading-snug">
            <span className="tag look-here">left out</span> {item.leftOut}
          </span>
        )}
      </span>
      {onUndo !== null && (
        <button type="button" className="btn btn-sm btn-outline" onClick={onUndo}>
          <Undo2 className="size-4" aria-hidden="true" /> {item.leftOut === null ? 'As it was' : 'Put back'}
        </button>
      )}
      {item.leftOut === null && (
        <button
          type="button"
          className={`btn btn-sm ${item.servable ? 'btn-ghost' : 'btn-accent'}`}
          aria-label={`Swap ${item.name.toLowerCase()}`}
          onClick={onSwap}
        >
          <ArrowLeftRight className="size-4" aria-hidden="true" /> Swap
        </button>
      )}
    </li>
  )
}

const mostCautions = 5

/** Each once; what holds for most of the session first. */
function commonest(cautions: string[]): string[] {
  const times = new Map<string, number>()
  for (const caution of cautions) times.set(caution, (times.get(caution) ?? 0) + 1)
  return [...times.keys()].sort((one, other) => (times.get(other) ?? 0) - (times.get(one) ?? 0))
}

function swapNow(session: Session, item: Item, other: Alternative): void {
  happen(...swap(session, runOf(session), item.id, other, Date.now()))
}

/** What to have within reach, how the client is, and what still needs a swap, before the clock starts. */
export function Before({ session }: { session: Session }) {
  const alternatives = useAlternatives(session.id)
  const putBack = usePutBack()
  const made = madeHere(useOutbox())
  const [swapping, setSwapping] = useState<number | null>(null)
  const [asking, setAsking] = useState(false)
  const isArmed = useArmed('before')
  const said = session.facts.findLast((fact) => fact.kind === 'readiness')
  const mine = made.findLast((event) => event.kind === 'readiness' && event.sessionId === session.id)
  const isLocked = session.locks.length > 0 || (mine !== undefined && isTooHigh(session, mine))
  const start = () => {
    if (isLocked || !isArmed) return
    readyBell()
    happen(eventOf(session, 'started', Date.now()))
  }
  useKeys({ ' ': start })
  const items = session.blocks.flatMap((block) => block.items)
  const open = items.filter((item) => !item.servable)
  const cautions = commonest(items.filter((item) => item.leftOut === null).flatMap((item) => item.cautions))
  const take = (item: Item, other: Alternative) => {
    swapNow(session, item, other)
    setSwapping(null)
  }
  const undoOf = (item: Item) => {
    // What was swapped here goes back here, network or not; what the desk or a plan made anew changed, it takes back.
    const isOurs = session.facts.some((fact) => fact.kind === 'swapped' && fact.itemId === item.id)
    if (isOurs) return () => happen(...undoSwap(session, item.id, made, Date.now()))
    return item.leftOut !== null || item.swappedFrom !== null ? () => putBack.mutate(item.id) : null
  }
  return (
    <div className="floor-before">
      <FloorHead session={session} />
      <div className="grid gap-x-8 gap-y-4 py-4 lg:grid-cols-[1fr_1.4fr]">
        <section>
          <h1 className="text-3xl">Lay out first</h1>
          {session.layOut.length === 0 ? (
            <p className="mt-2 text-lg">Nothing but clear floor.</p>
          ) : (
            <ul className="mt-2 text-2xl">
              {session.layOut.map((thing) => (
                <li key={thing} className="border-b border-base-300 py-1.5">
                  {thing}
                </li>
              ))}
            </ul>
          )}
          {session.clashes.map((clash) => (
            <p key={clash} className="mt-3 leading-snug">
              <span className="tag look-here">two set-ups</span> {clash}
            </p>
          ))}
          <p className="mt-3">
            Within reach from the floor, water near, watch off for racked bells. Pets and children clear.
          </p>
          <p className="mt-2">
            Stop for pain in the chest or a joint, dizziness or unusual breathlessness; tiredness asks for a longer
            rest.
          </p>
          <div className="mt-3">
            <Cautions cautions={cautions.slice(0, mostCautions)} />
            {cautions.length > mostCautions && (
              <details className="mt-2">
                <summary className="cursor-pointer font-semibold">
                  {counted(cautions.length - mostCautions, 'more caution', 'more cautions')}, each shown again at its
                  exercise
                </summary>
                <Cautions cautions={cautions.slice(mostCautions)} />
              </details>
            )}
          </div>
          <div className="mt-4">
            {asking ? (
              <Suspense fallback={null}>
                <Readiness session={session} onClose={() => setAsking(false)} />
              </Suspense>
            ) : (
              <button type="button" className="btn btn-outline w-full" onClick={() => setAsking(true)}>
                <HeartPulse className="size-5" aria-hidden="true" />
                {said === undefined ? 'How are you today?' : 'Asked how they are: change it'}
                {said === undefined && session.asksPressure && ' Pressure is asked for.'}
              </button>
            )}
          </div>
          {mine !== undefined && isTooHigh(session, mine) && (
            <p role="alert" className="notice mt-3">
              {mine.systolic}/{mine.diastolic} mmHg: no training today. Send the client to a clinician; with chest pain,
              bad headache or trouble speaking or seeing, call {session.emergencyNumber}.
            </p>
          )}
        </section>
        <section>
          <div className="flex items-baseline justify-between gap-4">
            <h2 className="text-xl">Today</h2>
            <a href={`/replan/${session.id}`} className="btn btn-sm btn-ghost">
              <Shuffle className="size-4" aria-hidden="true" /> Change today
            </a>
          </div>
          <p className="soft mt-1">
            About {session.takesMinutes} min of sets, rests and changes in a visit of {session.minutes}
            {session.positionChanges > 0 &&
              ` · down to the floor or up ${session.positionChanges === 1 ? 'once' : `${session.positionChanges} times`}`}
          </p>
          {session.blocks.map((block) => (
            <div key={block.id}>
              {(session.blocks.length > 1 || block.kind !== 'straight') && (
                <h3 className="sentence mt-3 text-lg">
                  {blockWords(block)}
                  {block.ruleWords !== '' && <span className="soft text-base font-normal"> · {block.ruleWords}</span>}
                </h3>
              )}
              <ol>
                {block.items.map((item) =>
                  swapping === item.id ? (
                    <li key={item.id} className="py-2">
                      <Suspense fallback={null}>
                        <SwapSheet
                          item={item}
                          others={othersOf(alternatives, item)}
                          onTake={(other) => take(item, other)}
                          onShut={() => setSwapping(null)}
                        />
                      </Suspense>
                    </li>
                  ) : (
                    <PlannedItem key={item.id} item={item} onSwap={() => setSwapping(item.id)} onUndo={undoOf(item)} />
                  ),
                )}
              </ol>
            </div>
          ))}
          {open.length > 0 && (
            <p className="mt-3 font-semibold">
              {open.length === 1 ? 'One exercise cannot' : `${open.length} exercises cannot`} be done as written with
              what is here. Swap first, or leave out on the way.
            </p>
          )}
          <Locks locks={session.locks} clientId={session.clientId} />
        </section>
      </div>
      <div className="floor-bar">
        <MessageLine />
        <div className="floor-act">
          <p className="soft self-center leading-tight">
            {counted(items.filter((item) => item.leftOut === null).length, 'exercise')}, about {session.takesMinutes}{' '}
            min
          </p>
          <button
            type="button"
            className="btn btn-primary btn-lg floor-main h-17 px-2 text-xl leading-tight"
            aria-disabled={!isArmed}
            onClick={start}
            disabled={isLocked}
          >
            Start the session
          </button>
        </div>
      </div>
    </div>
  )
}
