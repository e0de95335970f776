import type { PlacedSet } from './run/sets'

/** What was left out and can still be done, counted as its block is: in rounds or in sets. */
export function LeftOut({
  sets,
  under,
  word,
  onPutBack,
}: {
  sets: PlacedSet[]
  under: 'h1' | 'h2'
  word: string
  onPutBack: (set: PlacedSet) => void
}) {
  const left = sets.filter((set) => set.state === 'skipped')
  if (left.length === 0) return null
  const Heading = under === 'h1' ? 'h2' : 'h3'
  return (
    <>
      <Heading className="mt-4 text-xl">Left out</Heading>
      <ul>
        {left.map((set) => (
          <li key={set.key} className="flex items-center gap-3 border-b border-base-300 py-1.5">
            <span className="grow">
              {set.item.name}, {set.block.goesRound ? 'round' : 'set'} {set.setNumber}
              {set.side && `, ${set.side}`}
            </span>
            <button type="button" className="btn btn-sm btn-outline" onClick={() => onPutBack(set)}>
              {word}
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}
