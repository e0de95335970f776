import { describe, expect, it } from 'vitest'
import { entryOf, fieldsOfThing, valueOf } from '../../../resources/js/features/shelf/entry'
import type { ParsedLine, ShelfItem } from '../../../resources/js/shared/api'

const read = (with_: Partial<ParsedLine>): ParsedLine => ({
  line: '',
  kind: null,
  name: '',
  count: 1,
  fields: {},
  understood: [],
  unknown: [],
  missing: {},
  assumed: [],
  refused: null,
  ...with_,
})
const jug = read({ kind: 'object', name: 'jug', count: 2, fields: { massKg: '5.25', grip: 'handle', sealed: '1' } })

describe('what is sent for the shelf', () => {
  it.each<[string, string, Record<string, string>, ParsedLine | undefined, Record<string, string>]>([
    ['nothing typed: no kind is made up', '', {}, undefined, { count: '1' }],
    [
      'what the line says',
      'two jugs',
      {},
      jug,
      { kind: 'object', name: 'jug', count: '2', massKg: '5.25', grip: 'handle', sealed: '1', line: 'two jugs' },
    ],
    [
      'what was corrected goes first, a comma as a point',
      'two jugs',
      { massKg: '5,5', count: '3' },
      jug,
      { kind: 'object', name: 'jug', count: '3', massKg: '5.5', grip: 'handle', sealed: '1', line: 'two jugs' },
    ],
    [
      'how it is held is never guessed to be secure',
      'thing',
      { kind: 'object', massKg: '4' },
      read({ name: 'thing' }),
      { kind: 'object', name: 'thing', count: '1', massKg: '4', grip: 'none', line: 'thing' },
    ],
    [
      'a dial has no handle to weigh',
      'dial',
      { handleKg: '2' },
      read({ kind: 'adjustable-dumbbell', name: 'dial', fields: { plates: '2-24 kg in steps of 2 kg' } }),
      { kind: 'adjustable-dumbbell', name: 'dial', count: '1', plates: '2-24 kg in steps of 2 kg', line: 'dial' },
    ],
    [
      'only the fields of its kind',
      'wall',
      { massKg: '80' },
      read({ kind: 'wall', name: 'wall' }),
      { kind: 'wall', name: 'wall', count: '1', line: 'wall' },
    ],
  ])('%s', (_, line, corrected, parsed, sent) => expect(entryOf(line, corrected, parsed)).toEqual(sent))

  it('shows a correction even where it empties the field', () => {
    expect(valueOf('name', { name: '' }, jug)).toBe('')
    expect(valueOf('name', {}, jug)).toBe('jug')
  })
})

describe('a thing of the shelf, as somebody would type it', () => {
  const thing = (kind: string, measures: Record<string, unknown>) =>
    fieldsOfThing({ kind, name: 'it', count: 2, outOfService: null, measures } as unknown as ShelfItem)

  it.each<[string, string, Record<string, unknown>, Record<string, string>]>([
    [
      'what it weighs',
      'object',
      { mass_kg: 5.25, grip: 'handle', glass: true },
      { massKg: '5.25', grip: 'handle', glass: '1' },
    ],
    ['a bag by itself and what it holds', 'rucksack', { tare_kg: 0.9, max_kg: 20 }, { massKg: '0.9', maxKg: '20' }],
    [
      'handle and plates',
      'adjustable-dumbbell',
      {
        handle_kg: 2,
        plates: [
          { mass_kg: 1.25, count: 4 },
          { mass_kg: 2.5, count: 4 },
        ],
      },
      { handleKg: '2', plates: '4 x 1.25 + 4 x 2.5' },
    ],
    [
      'a dial',
      'adjustable-dumbbell',
      { dial: { from_kg: 2, to_kg: 24, step_kg: 2 } },
      { plates: '2-24 kg in steps of 2 kg' },
    ],
  ])('%s', (_, kind, measures, fields) =>
    expect(thing(kind, measures)).toEqual({ kind, name: 'it', count: '2', ...fields }),
  )
})
