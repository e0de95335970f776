import { X } from 'lucide-react'
import type { Alternative, Item } from '../../shared/api'
import { MovingFigure } from '../../shared/figure'
import { usePanel } from '../../shared/lib/usePanel'
import type { Others } from './run/others'

interface SwapSheetProps {
  title?: string
  item: Item
  others: Others | null
  onTake: (other: Alternative) => void
  onShut: () => void
}

function Row({ other, label, onTake }: { other: Alternative; label: string | null; onTake: () => void }) {
  const { item, reasons, lost } = other
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

/** What else the shelf allows in this place; one touch takes it, and the session goes on where it was. */
export function SwapSheet({ title, item, others, onTake, onShut }: SwapSheetProps) {
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
      {others === null ? (
        <p className="soft mt-2">The other ways have not been fetched on this device. They need a network once.</p>
      ) : list.length === 0 ? (
        <p className="mt-2">Nothing on this shelf does the same within the limits. Leave it out, or go on as it is.</p>
      ) : (
        <ul className="mt-2 grid gap-2">
          {list.map(({ other, label }) => (
            <Row key={`${other.way}/${other.key}`} other={other} label={label} onTake={() => onTake(other)} />
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
