import { needed } from '../../shared/form'

export const heightHint = 'In cm, or as in 1.72 m or 5 ft 8'
export const massHint = 'In kg, or as in 160 lb or 11 st 4'

const bare = /^\s*\d+(?:[.,]\d+)?\s*$/

/** True of a bare number within bounds, and of anything else: units are read by the application, which has the last word. */
const isWithin =
  (...bounds: [number, number][]) =>
  (text: string) => {
    const number = Number(text.trim().replace(',', '.'))
    return !bare.test(text) || bounds.some(([low, high]) => number >= low && number <= high)
  }

/** Height and body mass as people say them. */
export const measureFields = {
  heightCm: needed('How tall is the client? Every sum needs it.').refine(
    isWithin([100, 230], [1, 2.3]),
    'Height: between 100 and 230 cm.',
  ),
  bodyMassKg: needed('What does the client weigh? Every sum needs it.').refine(
    isWithin([25, 250]),
    'Body mass: between 25 and 250 kg.',
  ),
}
