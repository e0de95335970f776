import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { Exclusion, Rail } from '../../shared/api'
import { useKeys } from '../../shared/lib/useKeys'
import { Choice, Empty, Loading, Problem, Term } from '../../shared/ui'
import { zoomed } from './cluster'
import { railOptions } from './queries'
import { RailBoard } from './RailBoard'
import { RungPanel } from './RungPanel'

function named(id: string): string {
  return id.replaceAll('-', ' ')
}

function Board({ clientId, rail, patternChoice }: { clientId: number; rail: Rail; patternChoice: React.ReactNode }) {
  const [implement, setImplement] = useState('')
  const [position, setPosition] = useState('')
  const [onlyWindow, setOnlyWindow] = useState(false)
  const [focusedKey, setFocusedKey] = useState<string | null>(null)
  const [chosenRange, setChosenRange] = useState<[number, number] | null>(null)
  const rungs = rail.rungs.filter(
    (rung) =>
      (implement === '' || rung.implement === implement) &&
      (position === '' || rung.position === position) &&
      (!onlyWindow || rung.isInWindow),
  )
  const low = Math.min(0, ...rungs.map((rung) => rung.lowKg))
  const high = Math.max(
    5,
    ...rungs.map((rung) => rung.highKg),
    rail.windowLowKg === null ? 0 : (rail.windowHighKg ?? 0),
  )
  const whole: [number, number] = [low - (high - low) * 0.03, high + (high - low) * 0.03]
  const range = chosenRange ?? whole
  const focused =
    rungs.find((rung) => rung.key === focusedKey) ??
    rungs.find((rung) => rung.isNow) ??
    rungs.find((rung) => rung.isInWindow) ??
    rungs[0]
  const at = focused ? rungs.indexOf(focused) : -1
  const focusOn = (place: number) => {
    const rung = rungs[place]
    if (!rung) return
    setFocusedKey(rung.key)
    if (rung.kg < range[0] || rung.kg > range[1]) setChosenRange(zoomed(range, whole, rung.kg, 1))
  }
  const zoom = (factor: number) =>
    setChosenRange(zoomed(range, whole, focused?.kg ?? (range[0] + range[1]) / 2, factor))
  useKeys({
    ArrowRight: () => focusOn(at + 1),
    ArrowLeft: () => focusOn(at - 1),
    Home: () => focusOn(0),
    End: () => focusOn(rungs.length - 1),
    '+': () => zoom(0.5),
    '=': () => zoom(0.5),
    '-': () => zoom(2),
    '0': () => setChosenRange(null),
  })
  const implementsHere = [...new Set(rail.rungs.map((rung) => rung.implement))].sort()
  const positionsHere = [...new Set(rail.rungs.map((rung) => rung.position))].sort()
  return (
    <>
      <div className="grid items-start gap-x-4 sm:grid-cols-[1.2fr_1fr_1fr_auto_auto]">
        {patternChoice}
        <Choice
          label="With"
          value={implement}
          onChange={setImplement}
          options={[['', 'anything'], ...implementsHere.map((id): [string, string] => [id, named(id)])]}
        />
        <Choice
          label="Position"
          value={position}
          onChange={setPosition}
          options={[['', 'any'], ...positionsHere.map((id): [string, string] => [id, named(id)])]}
        />
        <label className="flex cursor-pointer items-center gap-3 sm:mt-8">
          <input
            type="checkbox"
            className="toggle toggle-primary"
            checked={onlyWindow}
            disabled={rail.windowLowKg === null}
            onChange={(event) => setOnlyWindow(event.target.checked)}
          />
          wanted only
        </label>
        <div className="flex gap-1 sm:mt-6" role="group" aria-label="Zoom">
          <button type="button" className="btn btn-outline btn-sm" onClick={() => zoom(0.5)} aria-label="Closer">
            +
          </button>
          <button type="button" className="btn btn-outline btn-sm" onClick={() => zoom(2)} aria-label="Further away">
            −
          </button>
          <button type="button" className="btn btn-outline btn-sm" onClick={() => setChosenRange(null)}>
            All
          </button>
        </div>
      </div>
      <p role="status" className="soft text-sm">
        {rungs.length} of {rail.rungs.length} settings on this <Term word="rail">rail</Term>, in {rail.unit} of the{' '}
        {rail.reference.toLowerCase()}. Arrow keys walk along, <kbd className="key">+</kbd> and{' '}
        <kbd className="key">-</kbd> zoom, <kbd className="key">0</kbd> shows all.
        {rail.windowLowKg === null && ' The wanted window appears once sets are logged.'}
      </p>
      {focused === undefined ? (
        <Empty title="Nothing here">
          <p>Nothing on this shelf serves with these filters. Below is why.</p>
        </Empty>
      ) : (
        <>
          <RailBoard
            rail={rail}
            rungs={rungs}
            range={range}
            focused={focused.key}
            onFocus={setFocusedKey}
            onOpen={(from, to) => {
              const margin = Math.max(0.3, (to - from) * 0.6)
              setChosenRange([Math.max(whole[0], from - margin), Math.min(whole[1], to + margin)])
            }}
          />
          <RungPanel clientId={clientId} rail={rail} rung={focused} />
        </>
      )}
      <LeftOut
        title={`${countedExercises(rail.unusable.length)} of this pattern cannot be used here, and why`}
        exclusions={rail.unusable}
      />
      <LeftOut
        title={`Things and settings left out of ${countedExercises(rail.leftOut.length)} that can be used`}
        exclusions={rail.leftOut}
      />
    </>
  )
}

const countedExercises = (count: number) => (count === 1 ? 'one exercise' : `${count} exercises`)

function LeftOut({ title, exclusions }: { title: string; exclusions: Exclusion[] }) {
  if (exclusions.length === 0) return null
  return (
    <details className="mt-6">
      <summary className="sentence cursor-pointer font-semibold">{title}</summary>
      <ul className="mt-2">
        {exclusions.map((one) => (
          <li key={one.exercise} className="border-b border-base-300 py-1.5">
            <strong>{one.name}</strong>: {one.reasons.join(' ')}
          </li>
        ))}
      </ul>
    </details>
  )
}

/** One pattern, every rung the client owns, on one axis of equivalent resistance. */
export function RailPage() {
  const clientId = Number(useParams().clientId)
  const [search, setSearch] = useSearchParams()
  const pattern = search.get('pattern') ?? 'horizontal-press'
  const rail = useQuery(railOptions(clientId, pattern))
  useEffect(() => {
    document.title = rail.data ? `Rail: ${rail.data.name} · Nimble Shelf` : 'Nimble Shelf'
    return () => {
      document.title = 'Nimble Shelf'
    }
  }, [rail.data])
  if (rail.isPending) return <Loading what="the rail" />
  if (rail.isError) return <Problem error={rail.error} onRetry={() => void rail.refetch()} />
  return (
    <Board
      key={`${clientId} ${rail.data.pattern}`}
      clientId={clientId}
      rail={rail.data}
      patternChoice={
        <Choice
          label="Pattern"
          value={pattern}
          onChange={(id) => setSearch({ pattern: id })}
          options={rail.data.patterns.map((one): [string, string] => [one.id, one.name])}
        />
      }
    />
  )
}
