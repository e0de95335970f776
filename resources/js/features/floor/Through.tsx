import { ToRate } from './ToRate'
import type { Floor } from './useFloor'

/** Nothing is left, unless it was left out: then it is said, and can still be done. */
export function Through({ floor }: { floor: Floor }) {
  const { run, hands } = floor
  const skipped = run.sets.filter((set) => set.state === 'skipped')
  return (
    <section className="floor-panel">
      <h1 className="text-4xl">That was the last set</h1>
      <p className="mt-2 text-lg">Cool down and stretch before the shoes come off.</p>
      <ToRate floor={floor} alternatives={null} />
      {skipped.length > 0 && (
        <>
          <h2 className="mt-4 text-xl">Left out</h2>
          <ul>
            {skipped.map((set) => (
              <li key={set.key} className="flex items-center gap-3 border-b border-base-300 py-1.5">
                <span className="grow">
                  {set.item.name}, set {set.setNumber}
                  {set.side && `, ${set.side}`}
                </span>
                <button type="button" className="btn btn-sm btn-outline" onClick={() => hands.putBack(set)}>
                  Do it now
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
