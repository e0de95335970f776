/**
 * Groups places along a line that lie too close to be told apart.
 *
 * @param places Along the line, rising.
 * @param room Least distance between two groups.
 * @returns Indices of each group, in order.
 */
export function clustered(places: readonly number[], room: number): number[][] {
  const groups: number[][] = []
  let start = -Infinity
  places.forEach((place, i) => {
    const last = groups[groups.length - 1]
    if (last && place - start < room) last.push(i)
    else {
      groups.push([i])
      start = place
    }
  })
  return groups
}

/** A range a step closer to a centre, or further away; never wider than the whole. */
export function zoomed(
  [low, high]: readonly [number, number],
  [least, most]: readonly [number, number],
  centre: number,
  factor: number,
): [number, number] {
  const half = ((high - low) * factor) / 2
  if (2 * half >= most - least) return [least, most]
  const middle = Math.min(most - half, Math.max(least + half, centre))
  return [middle - half, middle + half]
}
