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
  if (isHold) return `${counted(reps, 'second')}${side}`
  const repetitions = range === '' ? counted(reps, 'repetition') : `${reps}${range} repetitions`
  return `${repetitions}${side}, ${reserve} in reserve`
}

/** "1 repetition", "3 repetitions": the one place where a count meets its noun. */
export const counted = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`

/** A load against the bare lift: no weight is ever negative, it is so much less. */
export const signed = (value: number): string => (value < 0 ? `less ${-value}` : `${value === 0 ? 0 : value}`)

/** Two numbers as a range, in words where one lies below the bare lift; two that are the same are one. */
export const rangeOf = (low: number, high: number): string =>
  low === high ? signed(low) : low < 0 ? `${signed(low)} to ${signed(high)}` : `${low}–${high}`

/** "12 exercises fewer": what turning something on or off does to how many are left. */
export function differenceInWords(exercises: number): string {
  if (exercises === 0) return 'no exercise more or less'
  return `${counted(Math.abs(exercises), 'exercise')} ${exercises < 0 ? 'fewer' : 'more'}`
}

/** Beyond four times the load a percentage says nothing; from next to nothing it says less. */
const jumpInWords = (percent: number) => (percent > 300 ? 'more than four times the load' : `${percent} %`)

/** "2 jumps above 15 %, largest 40 %". */
export function jumpsInWords(percents: number[]): string {
  if (percents.length === 0) return 'no jump above 15 %'
  return `${counted(percents.length, 'jump')} above 15 %, largest ${jumpInWords(Math.max(...percents))}`
}
