/**
 * Rows for tags hung below a line, so that none covers another: each takes the highest row with room.
 *
 * @param places Centres along the line, in any order.
 * @param width Room one tag needs.
 * @returns For each place its row, 0 the nearest to the line.
 */
export function hungBelow(places: readonly number[], width: number): number[] {
  const order = places.map((_, i) => i).sort((one, other) => (places[one] ?? 0) - (places[other] ?? 0))
  const ends: number[] = []
  const rows = new Array<number>(places.length).fill(0)
  for (const i of order) {
    const place = places[i] ?? 0
    let row = ends.findIndex((end) => end <= place - width / 2)
    if (row === -1) row = ends.length
    ends[row] = place + width / 2
    rows[i] = row
  }
  return rows
}
