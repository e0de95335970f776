import { X } from 'lucide-react'
import { usePanel } from '../../shared/lib/usePanel'
import { sounds, tryBell, type Sound } from './device/bell'
import { useWishes, wish, type Wishes } from './device/wishes'

function Options<T extends string>({
  legend,
  options,
  value,
  onChange,
}: {
  legend: string
  options: Record<T, string>
  value: T
  onChange: (value: T) => void
}) {
  return (
    <fieldset className="mt-3">
      <legend className="mb-1 font-semibold">{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {(Object.entries(options) as [T, string][]).map(([option, words]) => (
          <button
            key={option}
            type="button"
            aria-pressed={value === option}
            className={`btn ${value === option ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => onChange(option)}
          >
            {words}
          </button>
        ))}
      </div>
    </fieldset>
  )
}

const switches: [keyof Pick<Wishes, 'speaks' | 'buzzes' | 'flashes'>, string][] = [
  ['speaks', 'Spoken words, where this device can'],
  ['buzzes', 'Buzz, where this device can'],
  ['flashes', 'Flash the edge of the screen'],
]

/** How this device sounds, who counts, and whose thumb it is. */
export function BellSheet({ onShut }: { onShut: () => void }) {
  const wishes = useWishes()
  const panel = usePanel<HTMLElement>()
  return (
    <section ref={panel} tabIndex={-1} aria-label="Sound, hand and counting" className="floor-panel">
      <div className="flex items-start gap-3">
        <h2 className="grow text-2xl">On this device</h2>
        <button type="button" className="btn btn-ghost btn-square btn-sm" aria-label="Back" onClick={onShut}>
          <X className="size-5" />
        </button>
      </div>
      <Options
        legend="Sound"
        options={sounds}
        value={wishes.sound}
        onChange={(sound: Sound) => {
          wish({ sound })
          tryBell({ ...wishes, sound })
        }}
      />
      <label className="mt-3 block">
        <span className="mb-1 block font-semibold">Volume, {Math.round(100 * wishes.volume)} %</span>
        <input
          type="range"
          className="range w-full"
          min={0}
          max={100}
          step={10}
          value={Math.round(100 * wishes.volume)}
          onChange={(event) => {
            const volume = Number(event.target.value) / 100
            wish({ volume })
            tryBell({ ...wishes, volume })
          }}
        />
      </label>
      {switches.map(([name, words]) => (
        <label key={name} className="mt-2 flex items-center gap-3">
          <input
            type="checkbox"
            className="toggle"
            checked={wishes[name]}
            onChange={(event) => wish({ [name]: event.target.checked })}
          />
          {words}
        </label>
      ))}
      <Options
        legend="Repetitions are counted"
        options={{ 'at-end': 'at the end', tap: 'by tapping', clock: 'by the clock' }}
        value={wishes.counts}
        onChange={(counts: Wishes['counts']) => wish({ counts })}
      />
      <Options
        legend="The thumb of the"
        options={{ right: 'right hand', left: 'left hand' }}
        value={wishes.hand}
        onChange={(hand: Wishes['hand']) => wish({ hand })}
      />
    </section>
  )
}
