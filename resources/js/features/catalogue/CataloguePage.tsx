import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link } from 'react-router'
import type { CatalogueEntry } from '../../shared/api'
import { MovingFigure } from '../../shared/figure'
import { useKeys } from '../../shared/lib/useKeys'
import { Empty, Loading, Problem } from '../../shared/ui'
import { filtered, noFilter, offered, type Filter } from './filter'
import { catalogueOptions } from './queries'

function Pick({
  label,
  value,
  values,
  onPick,
}: {
  label: string
  value: string
  values: { value: string; name: string }[]
  onPick: (value: string) => void
}) {
  return (
    <label className="min-w-0">
      <span className="soft block text-sm">{label}</span>
      <select className="select select-sm w-full" value={value} onChange={(event) => onPick(event.target.value)}>
        <option value="">any</option>
        {values.map((one) => (
          <option key={one.value} value={one.value}>
            {one.name}
          </option>
        ))}
      </select>
    </label>
  )
}

function Picture({ entry }: { entry: CatalogueEntry }) {
  return (
    <li>
      <Link to={`/catalogue/${entry.id}`} className="exercise-card">
        <MovingFigure
          figure={entry.figure}
          phase={entry.figure.telling}
          ghost
          label={entry.name}
          className="h-36 w-full"
        />
        <span className="mt-2 block font-display font-semibold leading-tight">{entry.name}</span>
        <span className="soft block text-sm leading-tight">{entry.kit.slice(0, 3).join(', ')}</span>
      </Link>
    </li>
  )
}

const named = (values: string[]) => values.map((value) => ({ value, name: value }))

/** Every exercise with its figure: found by name or alias, narrowed by what it trains and needs. */
export function CataloguePage() {
  const catalogue = useQuery(catalogueOptions)
  const [filter, setFilter] = useState<Filter>(noFilter)
  const search = useRef<HTMLInputElement>(null)
  useKeys({ f: () => search.current?.focus() })
  if (catalogue.isPending) return <Loading what="the catalogue" />
  if (catalogue.isError) return <Problem error={catalogue.error} onRetry={() => void catalogue.refetch()} />
  const { exercises, variants, limits } = catalogue.data
  const set = (change: Partial<Filter>) => setFilter({ ...filter, ...change })
  const found = filtered(exercises, filter)
  const patterns = [...new Map(exercises.map((entry) => [entry.pattern, entry.patternName]))].map(([value, name]) => ({
    value,
    name,
  }))
  const groups = patterns
    .map((pattern) => ({ ...pattern, entries: found.filter((entry) => entry.pattern === pattern.value) }))
    .filter((group) => group.entries.length > 0)
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <h1 className="text-4xl">Catalogue</h1>
        <label className="grow sm:max-w-md">
          <span className="sr-only">Search by name or alias</span>
          <input
            ref={search}
            type="search"
            className="input w-full"
            placeholder="Name or alias, such as press-up"
            value={filter.text}
            onChange={(event) => set({ text: event.target.value })}
          />
        </label>
        <p role="status" className="soft pb-2">
          {found.length} of {exercises.length} exercises
        </p>
      </div>
      <div className="mt-3 grid grid-cols-2 gap-3 md:grid-cols-6">
        <Pick label="Pattern" value={filter.pattern} values={patterns} onPick={(pattern) => set({ pattern })} />
        <Pick
          label="Main muscle"
          value={filter.muscle}
          values={named(offered(exercises, (e) => e.muscles))}
          onPick={(muscle) => set({ muscle })}
        />
        <Pick
          label="Kit"
          value={filter.kit}
          values={named(offered(exercises, (e) => e.kit))}
          onPick={(kit) => set({ kit })}
        />
        <Pick
          label="Position"
          value={filter.position}
          values={named(offered(exercises, (e) => [e.position]))}
          onPick={(position) => set({ position })}
        />
        <Pick
          label="Without what this excludes"
          value={filter.limits[0] ?? ''}
          values={limits.map((limit) => ({ value: limit.id, name: limit.label }))}
          onPick={(limit) => set({ limits: limit === '' ? [] : [limit] })}
        />
        <label className="flex items-center gap-2 self-end pb-1">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={filter.quiet}
            onChange={(event) => set({ quiet: event.target.checked })}
          />
          Quiet only
        </label>
      </div>
      {variants.length > 0 && (
        <section className="mt-6" aria-label="Your own versions">
          <h2 className="soft text-base font-normal">Your own versions</h2>
          <p className="flex flex-wrap gap-2">
            {variants.map((variant) => (
              <Link key={variant.id} to={`/catalogue/${variant.exercise}`} className="tag tag-limit">
                {variant.name} <span className="soft">of {variant.exerciseName}</span>
              </Link>
            ))}
          </p>
        </section>
      )}
      {found.length === 0 && (
        <Empty title="Nothing is left">
          <p>No exercise answers all of that. Take one filter away, or search by another name.</p>
          <button type="button" className="btn btn-primary" onClick={() => setFilter(noFilter)}>
            Show everything
          </button>
        </Empty>
      )}
      {groups.map((group) => (
        <section key={group.value} className="mt-7" aria-label={group.name}>
          <h2 className="ledge-thin pb-1 text-xl">
            {group.name} <span className="soft text-base font-normal">{group.entries.length}</span>
          </h2>
          <ul className="mt-3 grid grid-cols-2 gap-x-3 gap-y-4 sm:grid-cols-3 md:grid-cols-4 lg:grid-cols-6">
            {group.entries.map((entry) => (
              <Picture key={entry.id} entry={entry} />
            ))}
          </ul>
        </section>
      ))}
    </>
  )
}
