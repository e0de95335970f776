import { X } from 'lucide-react'
import { useState } from 'react'
import type { Alternative, Item } from '../../shared/api'
import { MovingFigure } from '../../shared/figure'
import { usePanel } from '../../shared/lib/usePanel'
import type { Others } from './run/others'

interface SwapSheetProps {
  title?: string
  item: Item
  others: Others | null
  onTake: (other: Alternative) => void
  /** Where what was in the hand may have had another weight. */
  onMass?: ((kg: number) => void) | undefined
  onShut: () => void
}

function Row({
  other,
  now,
  label,
  onTake,
}: {
  other: Alternative
  now: Item
  label: string | null
  onTake: () => void
}) {
  const { item, reasons, lost } = other
  const isSameThing = item.words === now.words
  return (
    <li>
      <button type="button" className="floor-other" onClick={onTake}>
        <span aria-hidden="true">
          <MovingFigure figure={item.figure} phase={0.6} label={item.name} className="floor-other-figure" />
        </span>
        <span className="min-w-0">
          <span className="font-display block text-lg font-semibold leading-tight">
            {label !== null && <span className="tag mr-1.5">{label}</span>}
            {item.name}
            {item.rung === now.rung && <span className="tag ml-1.5">as now</span>}
            {item.rung !== now.rung && isSameThing && <span className="tag ml-1.5">same thing in the hand</span>}
          </span>
          <span className="sentence block leading-snug">{item.words}</span>
          <span className="soft block text-sm leading-snug">
            {item.dose}
            {reasons[0] !== undefined && ` · ${reasons[0]}`}
          </span>
          {lost[0] !== undefined && <span className="soft block text-sm leading-snug">Lost: {lost[0]}</span>}
        </span>
      </button>
    </li>
  )
}

/** The same exercise with another weight: typed as it stood on it. */
function OwnMass({ item, onMass }: { item: Item; onMass: (kg: number) => void }) {
  const [typed, setTyped] = useState('')
  const [isWrong, setIsWrong] = useState(false)
  const perHand = item.setting.per_hand === true ? ' in each hand' : ''
  return (
    <form
      className="mt-2 border-b border-base-300 pb-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        const kg = Number(typed.trim().replace(',', '.'))
        const isLoad = typed.trim() !== '' && kg > 0 && kg <= 300
        setIsWrong(!isLoad)
        if (isLoad) onMass(kg)
      }}
    >
      <label className="block font-semibold" htmlFor="own-mass">
        The same with another weight, kg{perHand}
      </label>
      <span className="mt-1 flex gap-2">
        <input
          id="own-mass"
          className="input w-32 text-xl"
          inputMode="decimal"
          autoComplete="off"
          aria-invalid={isWrong}
          aria-describedby="own-mass-note"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <button className="btn btn-primary">Keep it</button>
      </span>
      <span id="own-mass-note" className={`text-sm ${isWrong ? 'font-semibold text-error' : 'soft'}`}>
        {isWrong ? 'A weight above 0 and up to 300 kg.' : 'As it stands on the thing; the set counts with it.'}
      </span>
    </form>
  )
}

/** What else the shelf allows in this place; one touch takes it, and the session goes on where it was. */
export function SwapSheet({ title, item, others, onTake, onMass, onShut }: SwapSheetProps) {
  const panel = usePanel<HTMLElement>()
  const list = [
    ...(others?.before == null ? [] : [{ other: others.before, label: 'as before' }]),
    ...(others?.easier == null ? [] : [{ other: others.easier, label: 'easier' }]),
    ...(others?.harder == null ? [] : [{ other: others.harder, label: 'harder' }]),
    ...(others?.swaps ?? []).map((other) => ({ other, label: null })),
  ]
  return (
    <section ref={panel} tabIndex={-1} aria-label={title ?? 'Swap'} className="floor-panel">
      <div className="flex items-start gap-3">
        <h2 className="grow text-2xl">{title ?? `Instead of ${item.name.toLowerCase()}`}</h2>
        <button type="button" className="btn btn-ghost btn-square btn-sm" aria-label="Back" onClick={onShut}>
          <X className="size-5" />
        </button>
      </div>
      {onMass !== undefined && <OwnMass item={item} onMass={onMass} />}
      {others === null ? (
        <p className="soft mt-2">The other ways have not been fetched on this device. They need a network once.</p>
      ) : list.length === 0 ? (
        <p className="mt-2">Nothing on this shelf does the same within the limits. Leave it out, or go on as it is.</p>
      ) : (
        <ul className="mt-2 grid gap-2">
          {list.map(({ other, label }) => (
            <Row
              key={`${other.way}/${other.key}`}
              other={other}
              now={item}
              label={label}
              onTake={() => onTake(other)}
            />
          ))}
        </ul>
      )}
      <p className="mt-3">
        <a href={`/swap/${item.id}?from=floor`} className="link">
          All swaps with their curves
        </a>{' '}
        <span className="soft">on the Swap desk, with a network</span>
      </p>
    </section>
  )
}
