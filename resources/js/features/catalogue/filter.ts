import type { CatalogueEntry } from '../../shared/api'
import { searched } from '../../shared/lib/search'

export interface Filter {
  text: string
  pattern: string
  muscle: string
  kit: string
  position: string
  quiet: boolean
  /** Limits of a person; what one of them switches off is left out. */
  limits: string[]
}

export const noFilter: Filter = { text: '', pattern: '', muscle: '', kit: '', position: '', quiet: false, limits: [] }

/** What is left of the catalogue, best answers first, otherwise in its own order. */
export function filtered(entries: CatalogueEntry[], filter: Filter): CatalogueEntry[] {
  return searched(
    entries.filter(
      (entry) =>
        (filter.pattern === '' || entry.pattern === filter.pattern) &&
        (filter.muscle === '' || entry.muscles.includes(filter.muscle)) &&
        (filter.kit === '' || entry.kit.includes(filter.kit)) &&
        (filter.position === '' || entry.position === filter.position) &&
        (!filter.quiet || entry.quiet) &&
        !filter.limits.some((limit) => entry.excludes.includes(limit)),
    ),
    filter.text,
  )
}

/** The filter as the address has it, so that it is there again after Back. */
export function filterIn(search: URLSearchParams): Filter {
  const text = (name: string) => search.get(name) ?? ''
  return {
    text: text('q'),
    pattern: text('pattern'),
    muscle: text('muscle'),
    kit: text('kit'),
    position: text('position'),
    quiet: search.has('quiet'),
    limits: search.getAll('without'),
  }
}

export function asSearch({ text, quiet, limits, ...more }: Filter): URLSearchParams {
  return new URLSearchParams([
    ...Object.entries({ q: text, ...more }).filter(([, value]) => value !== ''),
    ...(quiet ? [['quiet', '']] : []),
    ...limits.map((limit) => ['without', limit]),
  ])
}

/** Values a filter offers, each once, in order of the alphabet. */
export const offered = (entries: CatalogueEntry[], of: (entry: CatalogueEntry) => string[]): string[] =>
  [...new Set(entries.flatMap(of))].sort((one, other) => one.localeCompare(other))
