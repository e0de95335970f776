import type { ParsedLine, ShelfItem } from '../../shared/api'
import { kinds, type Kind } from './kinds'

/** What stands in one field: what somebody corrected, or what the line was read as. */
export function valueOf(name: string, corrected: Record<string, string>, parsed: ParsedLine | undefined): string {
  const read: Record<string, string | undefined> = {
    ...parsed?.fields,
    kind: parsed?.kind ?? '',
    name: parsed?.name,
    count: String(parsed?.count ?? 1),
  }
  return corrected[name] ?? read[name] ?? ''
}

const fieldsOf: Record<Kind['asks'][number], string[]> = {
  mass: ['massKg'],
  max: ['maxKg'],
  length: ['restLengthCm'],
  handles: ['handleCm'],
  pull: ['forceAtDoubleN'],
  height: ['heightCm'],
  grip: ['grip', 'certainty', 'sealed', 'glass'],
  plates: ['handleKg', 'plates'],
  bar: ['handleKg'],
  pole: ['diameterMm', 'material', 'wallMm'],
  contents: ['contents', 'litres', 'containerKg'],
}

/** Of what nobody said anything about, the most careful is taken. */
const otherwise: Record<string, string> = { grip: 'none', contents: 'water', material: 'softwood' }

/** True where a load is set by a dial: there is no handle to weigh. */
export const hasDial = (plates: string) => plates.includes('step')

/** What is sent for the shelf: the fields of its kind that say something, with the line as it was typed. */
export function entryOf(
  line: string,
  corrected: Record<string, string>,
  parsed: ParsedLine | undefined,
): Record<string, string> {
  const value = (name: string) => valueOf(name, corrected, parsed)
  const asks = kinds.find((kind) => kind.id === value('kind'))?.asks ?? []
  const filled = ['kind', 'name', 'count', 'outOfService', ...asks.flatMap((ask) => fieldsOf[ask])]
    .filter((name) => name !== 'handleKg' || !hasDial(value('plates')))
    .map((name): [string, string] => [
      name,
      (value(name) || (otherwise[name] ?? '')).trim().replace(/^(\d+),(\d+)$/, '$1.$2'),
    ])
    .filter(([, text]) => text !== '')
  return { ...Object.fromEntries(filled), ...(line.trim() === '' ? {} : { line }) }
}

const fieldOfMeasure: Record<string, string> = {
  mass_kg: 'massKg',
  tare_kg: 'massKg',
  max_kg: 'maxKg',
  rest_length_cm: 'restLengthCm',
  handle_cm: 'handleCm',
  height_cm: 'heightCm',
  handle_kg: 'handleKg',
  diameter_mm: 'diameterMm',
  wall_mm: 'wallMm',
  max_l: 'litres',
  container_kg: 'containerKg',
}

/** The fields of a thing that stands on the shelf, as somebody would have typed them. */
export function fieldsOfThing({ kind, name, count, outOfService, measures }: ShelfItem): Record<string, string> {
  const fields: Record<string, string> = { kind, name, count: String(count) }
  if (outOfService !== null) fields.outOfService = outOfService
  for (const [measure, value] of Object.entries(measures)) {
    // A height that nobody measured is not made one by changing something else.
    if (measure === 'height_source' || (measure === 'height_cm' && measures.height_source === 'usual')) continue
    if (typeof value === 'boolean') fields[measure] = value ? '1' : '0'
    else if (typeof value === 'number' || typeof value === 'string')
      fields[fieldOfMeasure[measure] ?? measure] = String(value)
  }
  const plates = measures.plates as { mass_kg: number; count: number }[] | undefined
  if (plates !== undefined) fields.plates = plates.map((plate) => `${plate.count} x ${plate.mass_kg}`).join(' + ')
  const dial = measures.dial as { from_kg: number; to_kg: number; step_kg: number } | undefined
  if (dial !== undefined) fields.plates = `${dial.from_kg}-${dial.to_kg} kg in steps of ${dial.step_kg} kg`
  return fields
}
