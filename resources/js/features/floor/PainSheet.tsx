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
  onStop: (where: string, what: string) => void
  onTake: (other: Alternative) => void
  onLeaveOut: () => void
  onEnd: () => void
  onShut: () => void
}

const kinds = ['sharp', 'dull', 'pulling', 'tingling or numb', 'in the chest']
const serious = ['tingling or numb', 'in the chest']

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
  onStop,
  onTake,
  onLeaveOut,
  onEnd,
  onShut,
}: PainSheetProps) {
  const [where, setWhere] = useState('')
  const [what, setWhat] = useState('')
  const panel = usePanel<HTMLElement>()
  const places = session.parts.map((part) => part.label.replace(/^Sore /, ''))
  const isSerious = serious.includes(what)
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
              {(others?.swaps ?? [])
                .filter((other) => other.item.exercise !== item?.exercise)
                .slice(0, 2)
                .map((other) => (
                  <button
                    key={other.key}
                    type="button"
                    className="btn btn-outline btn-lg h-auto py-2 leading-tight"
                    onClick={() => onTake(other)}
                  >
                    Instead: {other.item.name}, {other.item.words}
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
