import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Figure, SheetSlot, WeekSheet } from '../../../shared/api'
import { MovingFigure, StopMotion } from '../../../shared/figure'
import { usePhase } from '../../../shared/lib/usePhase'
import { Cautions } from '../../../shared/ui'
import { type Edit, slotOptions } from './queries'

interface NumberFieldProps {
  label: string
  value: number | null
  unit: string
  placeholder?: string
  onChange: (value: number | null) => void
}

/** A number that is sent when it is done with, not while it is typed. */
function NumberField({ label, value, unit, placeholder, onChange }: NumberFieldProps) {
  const [typed, setTyped] = useState<string | null>(null)
  const done = () => {
    if (typed === null) return
    setTyped(null)
    const number = typed.trim() === '' ? null : Number(typed.replace(',', '.'))
    if (number !== value && (number === null || Number.isFinite(number))) onChange(number)
  }
  return (
    <label className="block text-sm">
      <span className="block font-semibold">{label}</span>
      <span className="flex items-center gap-1">
        <input
          inputMode="numeric"
          className="input input-sm w-14"
          placeholder={placeholder}
          value={typed ?? (value === null ? '' : String(value))}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={done}
          onKeyDown={(event) => event.key === 'Enter' && done()}
        />
        <span className="soft">{unit}</span>
      </span>
    </label>
  )
}

const parts = [
  ['lower', 'down'],
  ['pause', 'held'],
  ['lift', 'up'],
  ['top', 'top'],
] as const

function Tempo({ slot, ask }: { slot: SheetSlot; ask: (ask: Record<string, unknown>) => void }) {
  const now = slot.tempo ?? slot.usualTempo
  return (
    <fieldset className="min-w-0">
      <legend className="text-sm font-semibold">
        Tempo <span className="soft font-normal">{slot.tempo === null ? 'as usual' : 'seconds'}</span>
      </legend>
      <div className="flex flex-wrap items-end gap-1">
        {parts.map(([part, label]) => (
          <NumberField
            key={part}
            label={label}
            unit="s"
            value={now[part] ?? 0}
            onChange={(seconds) => ask({ tempo: { ...now, [part]: seconds ?? 0 } })}
          />
        ))}
        {slot.tempo !== null && (
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => ask({ tempo: null })}>
            as usual
          </button>
        )}
      </div>
    </fieldset>
  )
}

function Picture({ figure, name }: { figure: Figure; name: string }) {
  const phase = usePhase(figure, !figure.hold)
  return (
    <div>
      <MovingFigure figure={figure} phase={phase} label={name} className="h-40 w-32" />
      {!figure.hold && <StopMotion />}
    </div>
  )
}

interface SlotDetailProps {
  sheet: WeekSheet
  weekday: number
  slot: SheetSlot
  onEdit: (edit: Edit) => unknown
}

/** One exercise looked at closely: picture, dose, sides, tempo, rest, cues, and the ways easier and harder. */
export function SlotDetail({ sheet, weekday, slot, onEdit }: SlotDetailProps) {
  const detail = useQuery(slotOptions(sheet, weekday, slot.thread))
  const at = { weekday, slot: slot.thread }
  const ask = (what: Record<string, unknown>) => onEdit({ kind: 'ask', ...at, ask: what })
  const isTimed = slot.reps === null
  return (
    <div className="slot-detail">
      <div className="space-y-2">
        <div className="flex flex-wrap gap-2">
          <NumberField label="Sets" unit="" value={slot.sets} onChange={(sets) => ask({ sets })} />
          {isTimed ? (
            <NumberField
              label={slot.asLongAsClean ? 'At most' : 'For'}
              unit="s"
              value={slot.seconds}
              onChange={(seconds) => ask(slot.asLongAsClean ? { seconds, clean: true } : { seconds })}
            />
          ) : (
            <>
              <NumberField label="Repetitions" unit="" value={slot.reps} onChange={(reps) => ask({ reps })} />
              <NumberField
                label="up to"
                unit=""
                placeholder="–"
                value={slot.repsMost === slot.reps ? null : slot.repsMost}
                onChange={(most) => ask({ reps: slot.reps, reps_most: most })}
              />
            </>
          )}
          <NumberField label="In reserve" unit="" value={slot.reserve} onChange={(reserve) => ask({ reserve })} />
          <NumberField label="Rest" unit="s" value={slot.restSeconds} onChange={(rest) => ask({ rest })} />
        </div>
        <div className="flex flex-wrap items-end gap-3">
          {slot.sidesThere.length > 1 && (
            <label className="block text-sm">
              <span className="block font-semibold">Sides</span>
              <select
                className="select select-sm w-auto"
                value={slot.sides}
                onChange={(event) => ask({ sides: event.target.value })}
              >
                {slot.sidesThere.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.label}
                  </option>
                ))}
              </select>
            </label>
          )}
          <label className="flex items-center gap-2 pb-1 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-primary checkbox-sm"
              checked={slot.perSide}
              onChange={(event) => ask({ per_side: event.target.checked })}
            />
            counted per side
          </label>
          <label className="flex items-center gap-2 pb-1 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-primary checkbox-sm"
              checked={slot.asLongAsClean}
              onChange={(event) =>
                ask(
                  event.target.checked
                    ? { clean: true, seconds: slot.seconds }
                    : isTimed
                      ? { seconds: slot.seconds ?? 30 }
                      : {},
                )
              }
            />
            as long as clean
          </label>
          <label className="flex items-center gap-2 pb-1 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-primary checkbox-sm"
              checked={slot.lastToFailure}
              disabled={!slot.lastToFailure && (detail.data?.noFailure ?? null) !== null}
              onChange={(event) => ask({ last_to_failure: event.target.checked })}
            />
            <span>
              last set to failure
              {detail.data?.noFailure ? (
                <span className="soft block">{detail.data.noFailure}</span>
              ) : (
                slot.lastToFailure && <span className="soft block">three days before the same muscles work hard</span>
              )}
            </span>
          </label>
        </div>
        {!isTimed && (
          <label className="block text-sm">
            <span className="font-semibold">What makes one repetition</span>
            <input
              className="input input-sm w-full"
              defaultValue={slot.means}
              placeholder="there and back; two curls to a lunge"
              onBlur={(event) => event.target.value !== slot.means && ask({ means: event.target.value })}
            />
          </label>
        )}
        <Tempo slot={slot} ask={ask} />
      </div>
      <div className="mt-3 grid grid-cols-[8rem_1fr] gap-x-3">
        <div className="min-h-32">
          {detail.data && <Picture figure={detail.data.figure} name={slot.name} />}
          {detail.isPending && <span className="soft text-sm">Drawing…</span>}
        </div>
        <div className="space-y-2">
          {detail.data && (
            <>
              <div className="grid gap-2">
                {(
                  [
                    ['easier', 'Easier', detail.data.easier],
                    ['harder', 'Harder', detail.data.harder],
                  ] as const
                ).map(([kind, label, step]) => (
                  <button
                    key={kind}
                    type="button"
                    className="step-button"
                    disabled={step === null}
                    onClick={() => onEdit({ kind, ...at })}
                  >
                    <strong>{label}</strong>
                    <span className="block text-sm">
                      {step === null
                        ? 'this shelf has nothing'
                        : `${step.name === slot.name ? '' : `${step.name}: `}${step.words}, ${step.dose}`}
                    </span>
                  </button>
                ))}
              </div>
              <p className="mt-2 text-sm">
                {[...detail.data.cues.setUp, ...detail.data.cues.movement].slice(0, 3).join(' · ')}
                {detail.data.equivalent && (
                  <span className="soft"> · as {detail.data.equivalent.kg} kg of the reference lift</span>
                )}
              </p>
            </>
          )}
        </div>
      </div>
      {detail.data && <Cautions cautions={detail.data.cautions} />}
      {slot.why !== '' && <p className="soft mt-1 text-sm">Why this: {slot.why}</p>}
      <p className="mt-2 flex flex-wrap gap-2 text-sm">
        <button type="button" className="btn btn-xs" onClick={() => onEdit({ kind: 'stand-in', ...at })}>
          Put in what serves best
        </button>
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => onEdit({ kind: slot.isHeld ? 'forward' : 'hold', ...at })}
        >
          {slot.isHeld ? 'Let it grow again' : 'Hold it as it stands'}
        </button>
        <Link className="link" to={`/catalogue/${slot.exercise}?client=${sheet.clientId}`}>
          In the catalogue
        </Link>
      </p>
    </div>
  )
}
