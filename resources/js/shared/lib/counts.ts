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
