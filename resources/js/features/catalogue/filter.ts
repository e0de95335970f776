import type { CatalogueEntry } from '../../shared/api'

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

const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9° ]+/g, ' ')

/** How well a name answers a search: 0 not at all, higher is better. Every word typed must be found. */
function answer(entry: CatalogueEntry, text: string): number {
  const words = plain(text).split(' ').filter(Boolean)
  if (words.length === 0) return 1
  const name = plain(entry.name)
  const names = [name, ...entry.aliases.map(plain)]
  if (!words.every((word) => names.some((known) => known.includes(word)))) return 0
  const wanted = words.join(' ')
  if (name === wanted) return 5
  if (names.includes(wanted)) return 4
  if (name.startsWith(wanted)) return 3
  return names.some((known) => words.every((word) => known.includes(word))) ? 2 : 0
}

/** What is left of the catalogue, best answers first, otherwise in its own order. */
export function filtered(entries: CatalogueEntry[], filter: Filter): CatalogueEntry[] {
  return entries
    .map((entry) => ({ entry, score: answer(entry, filter.text) }))
    .filter(
      ({ entry, score }) =>
        score > 0 &&
        (filter.pattern === '' || entry.pattern === filter.pattern) &&
        (filter.muscle === '' || entry.muscles.includes(filter.muscle)) &&
        (filter.kit === '' || entry.kit.includes(filter.kit)) &&
        (filter.position === '' || entry.position === filter.position) &&
        (!filter.quiet || entry.quiet) &&
        !filter.limits.some((limit) => entry.excludes.includes(limit)),
    )
    .sort((one, other) => other.score - one.score)
    .map(({ entry }) => entry)
}

/** Values a filter offers, each once, in order of the alphabet. */
export const offered = (entries: CatalogueEntry[], of: (entry: CatalogueEntry) => string[]): string[] =>
  [...new Set(entries.flatMap(of))].sort((one, other) => one.localeCompare(other))
