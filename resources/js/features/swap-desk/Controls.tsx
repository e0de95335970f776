import type { Control } from '../../shared/api'
import { Stop, Term } from '../../shared/ui'
import type { Live, Moved } from './useLive'

/** More stops than this are slid along instead of listed. */
const FEW = 5

/** The place of the stop nearest to a value. */
function nearest(control: Control, value: number): number {
  const away = control.stops.map((stop) => Math.abs(stop.value - value))
  return away.indexOf(Math.min(...away))
}

/** A slider that knows only the stops there are, and says the one it stands on. */
function AlongStops({ control, value, onMove }: { control: Control; value: number; onMove: (value: number) => void }) {
  const at = nearest(control, value)
  const label = control.stops[at]?.label ?? ''
  return (
    <div className="mt-1">
      <span className="flex justify-between gap-3 text-sm">
        {control.label}
        <output className="sentence text-right font-semibold">{label}</output>
      </span>
      <input
        type="range"
        aria-label={control.label}
        aria-valuetext={label}
        className="range range-primary range-xs mt-1 w-full"
        min={0}
        max={control.stops.length - 1}
        step={1}
        value={at}
        onChange={(event) => onMove(control.stops[Number(event.target.value)]?.value ?? value)}
      />
    </div>
  )
}

/** What of a setting and its tempo can be moved by hand; number, curve, repetitions and words follow. */
export function Controls({
  controls,
  moved,
  live,
  onMove,
}: {
  controls: Control[]
  moved: Moved
  live: Live
  onMove: (moved: Moved) => void
}) {
  if (controls.length === 0) return null
  return (
    <section aria-label="Change the setting" className="mt-4 border-t border-base-300 pt-3">
      <div className="flex items-baseline justify-between">
        <h4 className="text-sm font-semibold">
          Change the setting, the <Term word="tempo">tempo</Term>, the way of doing it
        </h4>
        {Object.keys(moved).length > 0 && (
          <button type="button" className="btn btn-ghost btn-xs" onClick={() => onMove({})}>
            As offered
          </button>
        )}
      </div>
      {controls.map((control) => {
        const value = moved[control.name] ?? control.value
        const set = (to: number) => onMove({ ...moved, [control.name]: to })
        return control.stops.length > FEW ? (
          <AlongStops key={control.name} control={control} value={value} onMove={set} />
        ) : control.stops.length > 0 ? (
          <fieldset key={control.name} className="mt-2">
            <legend className="text-sm">{control.label}</legend>
            <div className="mt-1 flex flex-wrap gap-2">
              {control.stops.map((stop) => (
                <Stop
                  key={stop.label}
                  name={control.name}
                  checked={control.stops[nearest(control, value)] === stop}
                  onChange={() => set(stop.value)}
                >
                  {stop.label}
                </Stop>
              ))}
            </div>
          </fieldset>
        ) : control.most === 1 && control.least === 0 && control.step === 1 && control.unit === '' ? (
          <label key={control.name} className="flex cursor-pointer items-center gap-3 py-1">
            <input
              type="checkbox"
              className="toggle toggle-primary toggle-sm"
              checked={value > 0.5}
              onChange={(event) => set(event.target.checked ? 1 : 0)}
            />
            {control.label}
          </label>
        ) : (
          <div key={control.name} className="mt-1 grid grid-cols-[1fr_5rem] items-center gap-x-3">
            <span className="text-sm">{control.label}</span>
            <output className="text-right font-semibold">
              {value} {control.unit}
            </output>
            <input
              type="range"
              aria-label={`${control.label}, ${control.unit}`}
              className="range range-primary range-xs col-span-2 w-full"
              min={control.least}
              max={control.most}
              step={control.step}
              value={value}
              onChange={(event) => set(Number(event.target.value))}
            />
          </div>
        )
      })}
      {(live.problem ?? live.lost) && (
        <p role="alert" className="mt-2 text-sm font-semibold text-error">
          {live.problem ?? live.lost}
        </p>
      )}
    </section>
  )
}
