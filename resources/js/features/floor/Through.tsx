import { LeftOut } from './LeftOut'
import { ToRate } from './ToRate'
import type { Floor } from './useFloor'

/** Nothing is left, unless it was left out: then it is said, and can still be done. */
export function Through({ floor }: { floor: Floor }) {
  const { run, hands } = floor
  return (
    <section className="floor-panel">
      <h1 className="text-4xl">That was the last set</h1>
      <p className="mt-2 text-lg">Cool down and stretch before the shoes come off.</p>
      <ToRate floor={floor} alternatives={null} />
      <LeftOut sets={run.sets} under="h1" word="Do it now" onPutBack={hands.putBack} />
    </section>
  )
}
