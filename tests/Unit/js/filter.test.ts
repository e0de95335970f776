import { describe, expect, it } from 'vitest'
import { filtered, noFilter, offered } from '../../../resources/js/features/catalogue/filter'
import type { CatalogueEntry } from '../../../resources/js/shared/api'

const entry = (id: string, with_: Partial<CatalogueEntry> = {}): CatalogueEntry =>
  ({
    id,
    name: id,
    aliases: [],
    pattern: 'squat',
    patternName: 'Squat',
    muscles: ['quadriceps'],
    kit: ['body weight'],
    position: 'standing',
    quiet: true,
    skill: 1,
    excludes: [],
    ...with_,
  }) as CatalogueEntry

const shelf = [
  entry('Push-up', {
    aliases: ['press-up', 'table push-up'],
    pattern: 'press',
    muscles: ['chest'],
    position: 'hands and feet',
  }),
  entry('Wall push-up', { pattern: 'press', muscles: ['chest'], kit: ['body weight', 'wall'] }),
  entry('Jump squat', { quiet: false, excludes: ['no-jumps'] }),
  entry('Seated march', { position: 'seated', kit: ['chair'] }),
]
const names = (change: Partial<typeof noFilter>) => filtered(shelf, { ...noFilter, ...change }).map(({ name }) => name)

describe('the catalogue narrowed', () => {
  it.each([
    ['nothing asked', {}, ['Push-up', 'Wall push-up', 'Jump squat', 'Seated march']],
    ['by name, the exact one first', { text: 'push-up' }, ['Push-up', 'Wall push-up']],
    ['by the other name for it', { text: 'press-up' }, ['Push-up', 'Wall push-up']],
    ['by alias', { text: 'table push-up' }, ['Push-up']],
    ['by words in any order and case', { text: 'UP push wall' }, ['Wall push-up']],
    ['by part of a word', { text: 'jum' }, ['Jump squat']],
    ['by something nobody calls it', { text: 'anvil' }, []],
    ['by pattern', { pattern: 'press' }, ['Push-up', 'Wall push-up']],
    ['by muscle', { muscle: 'chest' }, ['Push-up', 'Wall push-up']],
    ['by kit', { kit: 'chair' }, ['Seated march']],
    ['by position', { position: 'seated' }, ['Seated march']],
    ['quiet only', { quiet: true, pattern: 'squat' }, ['Seated march']],
    ['without what a limit excludes', { limits: ['no-jumps'], pattern: 'squat' }, ['Seated march']],
    ['two filters at once', { text: 'push', kit: 'wall' }, ['Wall push-up']],
  ])('%s', (_, change, expected) => expect(names(change)).toEqual(expected))

  it('offers each value once, in order', () => {
    expect(offered(shelf, ({ position }) => [position])).toEqual(['hands and feet', 'seated', 'standing'])
  })
})
