import { maybeBetween, type FieldOf } from '../../shared/form'
import { TextInput } from '../../shared/ui'

const limbs = [
  ['upper_arm', 'Upper arm'],
  ['forearm', 'Forearm'],
  ['trunk', 'Trunk'],
  ['thigh', 'Thigh'],
  ['shank', 'Lower leg'],
] as const

type LimbName = `limb_${(typeof limbs)[number][0]}`
export type LimbEntry = Record<LimbName, string>

const entries = <T,>(of: (id: string, name: string) => T) =>
  Object.fromEntries(limbs.map(([id, name]) => [`limb_${id}`, of(id, name)])) as Record<LimbName, T>

/** Bounds that any height allows; what is possible at this one the server says. */
export const limbSchema = entries((_, name) => maybeBetween(name, 3, 120, 'cm'))

export const limbEntry = (kept: Record<string, number>): LimbEntry => entries((id) => kept[id]?.toString() ?? '')

/** What is sent: those that were measured, in centimetres. */
export const limbsSent = (entered: LimbEntry): Record<string, string> =>
  Object.fromEntries(limbs.map(([id]) => [id, entered[`limb_${id}`]] as const).filter(([, cm]) => cm.trim() !== ''))

/** "limbs.thigh_cm" and "limbsCm.thigh" are the thigh’s field. */
export const limbField = (name: string) => name.replace(/^limbs(?:Cm)?\.(\w+?)(?:_cm)?$/, 'limb_$1')

/** Segments of the body, from joint to joint. */
export function LimbFields({ field }: { field: (name: LimbName) => FieldOf }) {
  return limbs.map(([id, name]) => <TextInput key={id} label={name} unit="cm" {...field(`limb_${id}`)} />)
}
