interface Counted {
  reps: number
  reserve: number
  isHold: boolean
  perSide: boolean
  repsLow?: number
  repsHigh?: number
}

/** "10 repetitions each side, 2 in reserve", with the range where it is known. */
export function countOf({ reps, reserve, isHold, perSide, repsLow, repsHigh }: Counted): string {
  const range =
    repsLow !== undefined && repsHigh !== undefined && repsLow !== repsHigh ? ` (${repsLow}–${repsHigh})` : ''
  const side = perSide ? ' each side' : ''
  return isHold ? `${reps} seconds${side}` : `${reps}${range} repetitions${side}, ${reserve} in reserve`
}

/** A number with a true minus sign. */
export const signed = (value: number): string => (value < 0 ? `−${-value}` : `${value === 0 ? 0 : value}`)

/** Two numbers as a range, in words where a minus would look like a dash. */
export const rangeOf = (low: number, high: number): string =>
  low < 0 ? `${signed(low)} to ${signed(high)}` : `${low}–${high}`

/** "12 exercises fewer": what turning something on or off does to how many are left. */
export function differenceInWords(exercises: number): string {
  if (exercises === 0) return 'no exercise more or less'
  const count = Math.abs(exercises)
  return `${count} ${count === 1 ? 'exercise' : 'exercises'} ${exercises < 0 ? 'fewer' : 'more'}`
}

/** Beyond four times the load a percentage says nothing; from next to nothing it says less. */
const jumpInWords = (percent: number) => (percent > 300 ? 'more than four times the load' : `${percent} %`)

/** "2 jumps above 15 %, largest 40 %". */
export function jumpsInWords(percents: number[]): string {
  if (percents.length === 0) return 'no jump above 15 %'
  const jumps = percents.length === 1 ? 'jump' : 'jumps'
  return `${percents.length} ${jumps} above 15 %, largest ${jumpInWords(Math.max(...percents))}`
}
