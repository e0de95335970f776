const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })
const shortDay = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })

/** Adds the year where it is not this one: "due on Tuesday 25 May" could be any. */
function withYear(iso: string, format: Intl.DateTimeFormat): string {
  const date = new Date(iso.slice(0, 10))
  const year = date.getUTCFullYear()
  return year === new Date().getUTCFullYear() ? format.format(date) : `${format.format(date)} ${year}`
}

/** "Tuesday 24 November"; with the year if it is another. */
export const longDay = (iso: string) => withYear(iso, day)

/** "Tue 24 Nov"; with the year if it is another. */
export const briefDay = (iso: string) => withYear(iso, shortDay)

/** A day so many days later, or earlier: "2026-11-27" and 7 is "2026-12-04". */
export function daysLater(iso: string, days: number): string {
  const date = new Date(`${iso.slice(0, 10)}T00:00:00Z`)
  date.setUTCDate(date.getUTCDate() + days)
  return date.toISOString().slice(0, 10)
}

/** The clock on the wall where it happens, whatever this device's zone: "08:30". */
export const timeOfDay = (iso: string) => iso.slice(11, 16)

/** "1:05" for 65 seconds. */
export function minutesAndSeconds(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
