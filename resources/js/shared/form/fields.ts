import { z } from 'zod'

/** Text that is needed; what is missing is asked for in words. */
export const needed = (asks: string) => z.string().trim().min(1, asks)

/** Text that may stay empty. */
export const optional = z.string()

const asNumber = (text: string) => Number(text.trim().replace(',', '.'))

const isWithin = (text: string, low: number, high: number) => {
  const number = asNumber(text)
  return number >= low && number <= high
}

/**
 * A number within bounds, with a comma or a point; the server has the last word.
 *
 * @param label As it stands beside the field.
 * @param asks What is asked where nothing is entered; by default the bounds.
 */
export const between = (label: string, low: number, high: number, unit: string, asks?: string) =>
  z
    .string()
    .refine((text) => asks === undefined || text.trim() !== '', { message: asks ?? '', abort: true })
    .refine((text) => text.trim() !== '' && isWithin(text, low, high), `${label}: between ${low} and ${high} ${unit}.`)

/** The same where it may stay empty. */
export const maybeBetween = (label: string, low: number, high: number, unit: string) =>
  z
    .string()
    .refine((text) => text.trim() === '' || isWithin(text, low, high), `${label}: between ${low} and ${high} ${unit}.`)

/** The time on the clock on the wall. */
export const clockTime = z.string().regex(/^\d\d:\d\d$/, 'Time: as in 08:30.')

/** A day as the date field gives it. */
export const day = z.string().regex(/^\d{4}-\d\d-\d\d$/, 'Day: choose one.')
