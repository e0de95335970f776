import { readFileSync, readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { answers, isNearly, searched, type Searched } from '../../../resources/js/shared/lib/search'

interface File {
  shared?: { pattern?: string; muscles?: { main?: Record<string, number> } }
  exercises: Record<
    string,
    {
      name: string
      aliases?: string[]
      pattern?: string
      muscles?: { main?: Record<string, number> }
      loads?: { implements: string[] }[]
      needs?: string[]
    }
  >
}
const patterns = JSON.parse(readFileSync('catalogue/patterns.json', 'utf8')) as Record<string, { name: string }>

/** The catalogue that ships, as far as a search looks at it. */
const catalogue: Searched[] = readdirSync('catalogue/exercises').flatMap((file) => {
  const { shared, exercises } = JSON.parse(readFileSync(`catalogue/exercises/${file}`, 'utf8')) as File
  return Object.values(exercises).map((exercise) => ({
    name: exercise.name,
    aliases: exercise.aliases ?? [],
    patternName: patterns[exercise.pattern ?? shared?.pattern ?? '']?.name ?? '',
    muscles: Object.keys(exercise.muscles?.main ?? shared?.muscles?.main ?? {}).map((one) => one.replaceAll('-', ' ')),
    kit: [...(exercise.loads ?? []).flatMap((load) => load.implements), ...(exercise.needs ?? [])],
  }))
})

describe('a search of the catalogue that ships', () => {
  it.each([
    ['pushup', 'Push-up'],
    ['push ups', 'Push-up'],
    ['press-ups', 'Push-up'],
    ['squats', 'Squat'],
    ['sqaut', 'Squat'],
    ['split squats', 'Split squat'],
    ['bent over row', 'Bent-over row'],
    ['calf raises', 'Calf raise'],
    ['goblet', 'Goblet squat'],
  ])('%s finds %s first', (typed, name) => expect(searched(catalogue, typed)[0]?.name).toBe(name))

  it.each([
    ['lunges', /lunge|split squat|step/i],
    ['bench press', /press/i],
    ['pull up', /./],
    ['chin-ups', /./],
    ['glutes', /./],
    ['lats', /./],
    ['latissimus', /./],
    ['abs', /./],
    ['quads', /./],
    ['inner thigh', /./],
    ['kettlebell', /./],
    ['knee curl', /./],
    ['dumbell', /./],
  ])('%s finds something sensible', (typed, like) => expect(searched(catalogue, typed)[0]?.name ?? '').toMatch(like))

  it('finds by muscle what trains it', () => {
    const byLats = searched(catalogue, 'latissimus dorsi')
    expect(byLats.length).toBeGreaterThan(3)
    expect(byLats.every(({ muscles }) => muscles.includes('lats'))).toBe(true)
  })

  it('finds nothing by what nobody calls anything, and everything by nothing', () => {
    expect(searched(catalogue, 'anvil')).toEqual([])
    expect(searched(catalogue, ' - ')).toHaveLength(catalogue.length)
  })

  it('finds every exercise by its own name, with or without its hyphen, before all others', () => {
    for (const one of catalogue) {
      expect(searched(catalogue, one.name)[0]?.name).toBe(one.name)
      expect(answers(one.name.replaceAll('-', ''), one)).toBeGreaterThanOrEqual(6)
      expect(answers(one.name.replaceAll('-', ' ').toUpperCase(), one)).toBeGreaterThanOrEqual(6)
    }
  }, 120_000)
})

describe('spelling', () => {
  it.each([
    ['squat', 'squat', true],
    ['sqaut', 'squat', true],
    ['squatt', 'squat', true],
    ['squa', 'squat', true],
    ['squid', 'squat', false],
    ['row', 'press', false],
  ])('%s for %s: %s', (one, other, nearly) => {
    expect(isNearly(one, other)).toBe(nearly)
    expect(isNearly(other, one)).toBe(nearly)
  })
})
