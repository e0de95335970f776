const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })
const shortDay = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'UTC' })

/** Adds the year where it is not this one: "due on Tuesday 25 May" could be any. */
function withYear(iso: string, format: Intl.DateTimeFormat): string {
  const date = new Date(iso)
  const year = date.getUTCFullYear()
  return year === new Date().getUTCFullYear() ? format.format(date) : `${format.format(date)} ${year}`
}

/** "Tuesday 24 November"; with the year if it is another. */
export const longDay = (iso: string) => withYear(iso, day)

/** "Tue 24 Nov"; with the year if it is another. */
export const briefDay = (iso: string) => withYear(iso, shortDay)

/** "08:30", as the visit was written down. */
export const timeOfDay = (iso: string) => clock.format(new Date(iso))

/** "1:05" for 65 seconds. */
export function minutesAndSeconds(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
