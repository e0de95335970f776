import { useQuery } from '@tanstack/react-query'
import { useRef } from 'react'
import { Link, useSearchParams } from 'react-router'
import { useKeys } from '../../shared/lib/useKeys'
import { Empty, Loading, PageTitle, Problem } from '../../shared/ui'
import { visitedOptions } from '../clients'
import { asSearch, filtered, filterIn, noFilter, offered, type Filter } from './filter'
import { Patterns } from './Patterns'
import { catalogueOptions, fittingOptions } from './queries'

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

const named = (values: string[]) => values.map((value) => ({ value, name: value }))

/** Every exercise with its figure: found by name or alias, narrowed by what it trains and needs. */
export function CataloguePage() {
  const catalogue = useQuery(catalogueOptions)
  const [params, setParams] = useSearchParams()
  const filter = filterIn(params)
  const setFilter = (to: Filter) => setParams(asSearch(to), { replace: true })
  const clients = useQuery(visitedOptions)
  const fitting = useQuery({ ...fittingOptions(Number(filter.fits)), enabled: filter.fits !== '' })
  const search = useRef<HTMLInputElement>(null)
  useKeys({ f: () => search.current?.focus() })
  if (catalogue.isPending) return <Loading what="the catalogue" />
  if (catalogue.isError) return <Problem isPage error={catalogue.error} onRetry={() => void catalogue.refetch()} />
  const { exercises, variants, limits } = catalogue.data
  // What the address has by now, which may be more than is drawn yet: nothing chosen quickly is lost.
  const set = (change: Partial<Filter>) => setFilter({ ...filterIn(new URLSearchParams(location.search)), ...change })
  const whose = clients.data?.find((client) => String(client.id) === filter.fits)
  const found = filtered(exercises, filter, fitting.data === undefined ? null : new Set(fitting.data.exercises))
  const showEverything = () => {
    if (search.current !== null) search.current.value = ''
    setFilter(noFilter)
  }
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
        <PageTitle title="Catalogue" className="text-4xl">
          Catalogue
        </PageTitle>
        <label className="grow sm:max-w-md">
          <span className="sr-only">Search the catalogue</span>
          <input
            ref={search}
            type="search"
            className="input w-full"
            placeholder="Name, muscle or kit, such as press-up or glutes"
            // The field keeps what is typed: whoever types quicker than the address follows loses no letter.
            defaultValue={filter.text}
            onChange={(event) => set({ text: event.target.value })}
          />
        </label>
        <p role="status" className="soft pb-2">
          {fitting.isLoading
            ? 'Looking at the shelf…'
            : `${found.length} of ${exercises.length} exercises${whose === undefined ? '' : ` fit ${whose.name}`}`}
        </p>
      </div>
      <div className="mt-3 grid grid-cols-2 gap-3 md:grid-cols-4 lg:grid-cols-7">
        <Pick
          label="Fits"
          value={filter.fits}
          values={(clients.data ?? []).map((client) => ({ value: String(client.id), name: client.name }))}
          onPick={(fits) => set({ fits })}
        />
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
          label="Allowed with"
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
      {fitting.isError && <Problem error={fitting.error} onRetry={() => void fitting.refetch()} />}
      {whose !== undefined && (
        <p className="soft mt-2 text-sm">
          What the limits, the shelf and the room of {whose.name} allow today; the page of each exercise says what
          stands in the way of the others.
        </p>
      )}
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
          <button type="button" className="btn btn-primary" onClick={showEverything}>
            Show everything
          </button>
        </Empty>
      )}
      <Patterns groups={groups} isNarrowed={found.length < exercises.length} />
    </>
  )
}
