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
  /** The client whom it must fit, by id; empty for anybody. */
  fits: string
}

export const noFilter: Filter = {
  text: '',
  pattern: '',
  muscle: '',
  kit: '',
  position: '',
  quiet: false,
  limits: [],
  fits: '',
}

/**
 * What is left of the catalogue, best answers first, otherwise in its own order.
 *
 * @param fitting What fits the client who was chosen; null where nobody was.
 */
export function filtered(
  entries: CatalogueEntry[],
  filter: Filter,
  fitting: ReadonlySet<string> | null = null,
): CatalogueEntry[] {
  return searched(
    entries.filter(
      (entry) =>
        (filter.pattern === '' || entry.pattern === filter.pattern) &&
        (filter.muscle === '' || entry.muscles.includes(filter.muscle)) &&
        (filter.kit === '' || entry.kit.includes(filter.kit)) &&
        (filter.position === '' || entry.position === filter.position) &&
        (!filter.quiet || entry.quiet) &&
        (fitting === null || fitting.has(entry.id)) &&
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
    fits: text('fits'),
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
