import { X } from 'lucide-react'
import { useState } from 'react'
import type { Session } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { usePanel } from '../../shared/lib/usePanel'
import { LeftOut } from './LeftOut'
import { secondsLeft } from './run/acts'
import { openSets } from './run/run'
import { said } from './said'
import { say } from './messages'
import type { Floor } from './useFloor'

const shorter = [5, 10, 20]

/** Everything that is not needed at every set: order, more, less, notes, the end. */
export function MoreSheet({ floor, session, onShut }: { floor: Floor; session: Session; onShut: () => void }) {
  const { run, hands } = floor
  const [words, setWords] = useState('')
  const panel = usePanel<HTMLElement>()
  const open = openSets(run)
  const minutesLeft = Math.ceil(secondsLeft(run) / 60)
  const set = run.current
  const then = (act: () => void) => () => {
    act()
    onShut()
  }
  return (
    <section ref={panel} tabIndex={-1} aria-label="More" className="floor-panel">
      <div className="flex items-start gap-3">
        <h2 className="grow text-2xl">More</h2>
        <button type="button" className="btn btn-ghost btn-square btn-sm" aria-label="Back" onClick={onShut}>
          <X className="size-5" />
        </button>
      </div>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {run.lastDone !== null && (
          <button type="button" className="btn btn-outline h-auto py-2" onClick={then(hands.again)}>
            {run.lastDone.set.item.name} once more
          </button>
        )}
        {set !== null && (
          <>
            <button
              type="button"
              className="btn btn-outline h-auto py-2"
              onClick={then(() => hands.addSet(set.itemId))}
            >
              A set more of this
            </button>
            {set.block.goesRound && (
              <button
                type="button"
                className="btn btn-outline h-auto py-2"
                onClick={then(() => hands.addRound(set.block))}
              >
                A round more
              </button>
            )}
            <button
              type="button"
              className="btn btn-outline h-auto py-2"
              onClick={then(() => hands.leaveOut(set.itemId, 'left-out'))}
            >
              Leave {set.item.name.toLowerCase()} out
            </button>
          </>
        )}
      </div>
      {open.length > 0 && (
        <>
          <h3 className="mt-4 text-lg">
            Left: {counted(open.length, 'set')}, about {minutesLeft} min
          </h3>
          <div className="mt-1 flex flex-wrap gap-2">
            {shorter
              .filter((minutes) => minutes < minutesLeft)
              .map((minutes) => (
                <button
                  key={minutes}
                  type="button"
                  className="btn btn-sm btn-outline"
                  onClick={then(() => {
                    hands.cut(minutes)
                    say(`Cut to ${minutes} minutes from here. What is left out stands at the end; Undo brings it back.`)
                  })}
                >
                  Cut to {minutes} min
                </button>
              ))}
          </div>
          <ol className="mt-2">
            {open.map((one) => (
              <li key={one.key} className="flex items-center gap-2 border-b border-base-300 py-1">
                <span className="min-w-0 grow leading-tight">
                  {one.item.name}
                  <span className="soft block text-sm">
                    {one.block.goesRound ? 'round' : 'set'} {one.setNumber}
                    {one.side && `, ${one.side}`} · {said(one)}
                    {one.isPostponed && ' · was put off'}
                  </span>
                </span>
                {one !== set && (
                  <button type="button" className="btn btn-sm btn-ghost" onClick={then(() => hands.forward(one))}>
                    Do now
                  </button>
                )}
              </li>
            ))}
          </ol>
        </>
      )}
      <LeftOut sets={run.sets} under="h2" word="Put back" onPutBack={(one) => then(() => hands.putBack(one))()} />
      <form
        className="mt-4 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (words.trim() === '') return
          hands.note(words.trim())
          setWords('')
          say('Noted')
        }}
      >
        <input
          className="input grow"
          aria-label="A note"
          placeholder="A note for the record"
          maxLength={500}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <button className="btn btn-outline">Note</button>
      </form>
      <div className="mt-4 flex flex-wrap gap-2">
        <a href={`/replan/${session.id}`} className="btn btn-ghost btn-sm">
          Plan the rest anew
        </a>
        <button type="button" className="btn btn-outline btn-sm" onClick={then(hands.end)}>
          End early
        </button>
      </div>
    </section>
  )
}
