import type { Run } from './run/run'
import type { PlacedSet } from './run/sets'

function toneOf(set: PlacedSet, isCurrent: boolean): string {
  if (set.state === 'done') return 'bg-primary'
  if (set.state === 'skipped') return 'bg-base-300'
  return isCurrent ? 'bg-accent' : 'border-2 border-base-300'
}

/** Every set of the session as one mark; blocks stand apart. */
export function Progress({ run }: { run: Run }) {
  const sets = run.sets.filter((set) => !set.state.startsWith('not'))
  const through = sets.filter((set) => set.state !== 'open').length
  return (
    <div className="mt-2 flex gap-1" role="img" aria-label={`${through} of ${sets.length} sets through`}>
      {sets.map((set, index) => (
        <span
          key={set.key}
          className={`h-2.5 grow rounded-sm ${toneOf(set, set === run.current)} ${
            index > 0 && sets[index - 1]?.block.id !== set.block.id ? 'ml-1.5' : ''
          }`}
        />
      ))}
    </div>
  )
}
