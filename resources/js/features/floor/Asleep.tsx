import { usePanel } from '../../shared/lib/usePanel'
import { setKey } from './run/sets'
import { placeWords } from './said'
import type { Floor } from './useFloor'

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })

/** The page slept while a clock ran: what was done is asked, not supposed. */
export function Asleep({ floor }: { floor: Floor }) {
  const { unseen, run, now, hands } = floor
  const done = unseen.filter((event) => event.kind === 'set-done')
  const sets = done.flatMap((event) => {
    const key = setKey({ itemId: event.itemId ?? null, setNumber: event.setNumber ?? null, side: event.side ?? null })
    return run.sets.filter((set) => set.key === key)
  })
  const panel = usePanel<HTMLElement>()
  const since = Date.parse(unseen[0]?.at ?? '')
  return (
    <section
      ref={panel}
      tabIndex={-1}
      role="alertdialog"
      aria-labelledby="asleep"
      aria-describedby="asleep-why"
      className="floor-panel"
    >
      <h2 id="asleep" className="text-2xl">
        What was done meanwhile?
      </h2>
      <p id="asleep-why" className="mt-1">
        This page was asleep since {clock.format(since)}; it is {clock.format(now)}. Nothing of that time is on record
        yet.
      </p>
      {sets.length > 0 && (
        <>
          <p className="mt-3 font-semibold">By the clock this would have run:</p>
          <ul className="list-disc pl-5">
            {sets.map((set) => (
              <li key={set.key}>
                {set.item.name}, {placeWords(set)}
                {set.side !== null && `, ${set.side}`}
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-4 grid gap-2">
        <button type="button" className="btn btn-primary btn-lg" onClick={() => hands.ranOn(false)}>
          {sets.length > 0 ? 'None of it: go on from here' : 'Go on from here'}
        </button>
        {sets.length > 0 && (
          <button type="button" className="btn btn-outline btn-lg" onClick={() => hands.ranOn(true)}>
            All of it was done: record it
          </button>
        )}
      </div>
    </section>
  )
}
