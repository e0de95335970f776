import { useState } from 'react'
import type { Alternative, Item, Session } from '../../shared/api'
import { usePanel } from '../../shared/lib/usePanel'
import type { Others } from './run/others'

interface PainSheetProps {
  session: Session
  item: Item | null
  others: Others | null
  /** True where sets of it are still to come. */
  isOpen: boolean
  /** True once it is said where it hurts. */
  isStopped: boolean
  /** What was said of it before; null where nothing was. */
  said: { where: string; what: string } | null
  onStop: (where: string, what: string) => void
  onTake: (other: Alternative) => void
  onLeaveOut: () => void
  onEnd: () => void
  onShut: () => void
}

const kinds = ['sharp', 'dull', 'pulling', 'tingling or numb', 'in the chest']
const serious = ['tingling or numb', 'in the chest']

/** The part of the body that was said, by its id; null where the words name none. */
function sorePart(session: Session, where: string): string | null {
  const said = where.toLowerCase()
  return (
    session.parts.find(({ label }) =>
      label
        .replace(/^Sore /, '')
        .toLowerCase()
        .split(/ or | /)
        .some((word) => word.length > 2 && said.includes(word)),
    )?.id ?? null
  )
}

/** What may stand in, what spares the part first; where nothing does, the rest with a word of warning. */
export function sparing(
  swaps: Alternative[],
  item: Item | null,
  part: string | null,
): { other: Alternative; spares: boolean }[] {
  const others = swaps.filter((other) => other.item.exercise !== item?.exercise)
  const rated = others.map((other) => ({ other, spares: part === null || !other.loads.includes(part) }))
  return [...rated.filter(({ spares }) => spares), ...rated.filter(({ spares }) => !spares)]
}

function Words({ words, chosen, onChoose }: { words: string[]; chosen: string; onChoose: (word: string) => void }) {
  return (
    <div className="flex flex-wrap gap-1.5">
      {words.map((word) => (
        <button
          key={word}
          type="button"
          aria-pressed={chosen === word}
          className={`btn ${chosen === word ? 'btn-neutral' : 'btn-outline'}`}
          onClick={() => onChoose(word)}
        >
          {word}
        </button>
      ))}
    </div>
  )
}

/** Pain stops the movement: where and what kind, then a safe way on, or the end. */
export function PainSheet({
  session,
  item,
  others,
  isOpen,
  isStopped,
  said,
  onStop,
  onTake,
  onLeaveOut,
  onEnd,
  onShut,
}: PainSheetProps) {
  const [where, setWhere] = useState(said?.where ?? '')
  const [what, setWhat] = useState(said?.what ?? '')
  const panel = usePanel<HTMLElement>()
  const places = session.parts.map((part) => part.label.replace(/^Sore /, ''))
  const isSerious = serious.includes(what)
  const offered = sparing(others?.swaps ?? [], item, sorePart(session, where))
  return (
    <section ref={panel} tabIndex={-1} role="alertdialog" aria-label="Pain" className="floor-panel border-error">
      <h2 className="text-2xl text-error">Stop {item === null ? '' : item.name.toLowerCase()}</h2>
      <p className="mt-1">
        Pain in the chest, dizziness or unusual breathlessness: end the session, call {session.emergencyNumber}.
      </p>
      {!isStopped ? (
        <>
          <p className="mt-3 mb-1 font-semibold">Where?</p>
          <Words words={places} chosen={where} onChoose={setWhere} />
          <input
            className="input mt-1.5 w-full"
            aria-label="Where, in words"
            placeholder="or in words: right knee, outside"
            maxLength={80}
            value={where}
            onChange={(event) => setWhere(event.target.value)}
          />
          <p className="mt-3 mb-1 font-semibold">What kind?</p>
          <Words words={kinds} chosen={what} onChoose={setWhat} />
          <div className="mt-4 grid gap-2">
            <button type="button" className="btn btn-error btn-lg" onClick={() => onStop(where.trim(), what)}>
              Stop the movement and note it
            </button>
            <button type="button" className="btn btn-ghost" onClick={onShut}>
              It was not pain: back
            </button>
          </div>
        </>
      ) : (
        <div className="mt-3 grid gap-2">
          {isSerious ? (
            <p className="font-semibold">
              That is not trained through. End the session and send the client to a clinician before the next one.
            </p>
          ) : (
            <p>
              Pain in a joint, or pain that travels: leave this movement today and ask a clinician before it comes back.
            </p>
          )}
          {isSerious && (
            <button type="button" className="btn btn-error btn-lg" onClick={onEnd}>
              End the session
            </button>
          )}
          <button
            type="button"
            className={`btn btn-lg ${isSerious ? 'btn-outline' : 'btn-primary'}`}
            onClick={onLeaveOut}
          >
            {isOpen
              ? `Leave ${item === null ? 'it' : item.name.toLowerCase()} out today`
              : 'Noted: go on with what is left'}
          </button>
          {!isSerious && isOpen && (
            <>
              {offered.slice(0, 2).map(({ other, spares }) => (
                <button
                  key={other.key}
                  type="button"
                  className="btn btn-outline btn-lg h-auto flex-col gap-0 py-2 leading-tight"
                  onClick={() => onTake(other)}
                >
                  <span>
                    Instead: {other.item.name}, {other.item.words}
                  </span>
                  {!spares && (
                    <span className="text-sm font-normal">
                      It loads the same joint: only if a first light repetition is free of pain
                    </span>
                  )}
                </button>
              ))}
              {others?.easier != null && (
                <button
                  type="button"
                  className="btn btn-outline h-auto py-2 leading-tight"
                  onClick={() => others.easier !== null && onTake(others.easier)}
                >
                  It has passed: go on lighter, {others.easier.item.words}
                </button>
              )}
            </>
          )}
          {!isSerious && (
            <button type="button" className="btn btn-ghost" onClick={onEnd}>
              End the session
            </button>
          )}
        </div>
      )}
    </section>
  )
}
