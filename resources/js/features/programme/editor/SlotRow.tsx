import type { SheetSlot, WeekCheck, WeekSheet } from '../../../shared/api'
import { Grip } from './Grip'
import { slotKey } from './places'
import { VerdictSign } from '../Proofs'
import type { Edit } from './queries'
import { SlotDetail } from './SlotDetail'

interface SlotRowProps {
  sheet: WeekSheet
  weekday: number
  slot: SheetSlot
  trouble: WeekCheck[]
  isOpen: boolean
  onOpen: (isOpen: boolean) => void
  onKey: (event: React.KeyboardEvent, weekday: number, slot: SheetSlot) => void
  onFocus: (key: string) => void
  onEdit: (edit: Edit) => unknown
}

/** One exercise of a session: what, how much, with what; it can be dragged, walked to, and opened. */
export function SlotRow({ sheet, weekday, slot, trouble, isOpen, onOpen, onKey, onFocus, onEdit }: SlotRowProps) {
  const key = slotKey(weekday, slot.thread)
  return (
    <li className="slot-row">
      <div className="grid grid-cols-[1.25rem_5rem_1fr] items-baseline gap-x-2">
        <Grip id={key} dragged={{ weekday, slot: slot.thread, name: slot.name }} />
        <span className="figure-number text-lg whitespace-nowrap">{slot.short}</span>
        <button
          type="button"
          data-slot={key}
          className="slot-button"
          aria-expanded={isOpen}
          aria-label={`${slot.name}, ${slot.sets} × ${slot.dose}`}
          onClick={() => onOpen(!isOpen)}
          onKeyDown={(event) => onKey(event, weekday, slot)}
          onFocus={() => onFocus(key)}
        >
          <strong>{slot.name}</strong>
          {slot.perSide && <span className="soft"> each side</span>}
          {slot.isHeld && <span className="tag ml-2">held</span>}
          <span className="block text-sm">
            {slot.words}
            <span className="soft">
              {' '}
              · {slot.reserve} in reserve{slot.restSeconds > 0 && ` · rest ${slot.restSeconds}\u00a0s`}
              {slot.tempo !== null &&
                ` · ${slot.tempo.lower}-${slot.tempo.pause}-${slot.tempo.lift}-${slot.tempo.top} s`}
              {slot.means !== '' && ` · ${slot.means}`}
            </span>
          </span>
        </button>
      </div>
      {trouble.map((check) => (
        <div key={check.id} className="trouble">
          <VerdictSign verdict={check.verdict} />
          <div>
            {check.threads[slot.thread] ?? check.words}
            <MendButtons
              check={check}
              only={(edit) => edit['slot'] === slot.thread || edit['slot'] === undefined}
              onEdit={onEdit}
            />
          </div>
        </div>
      ))}
      {isOpen && <SlotDetail key={slot.thread} sheet={sheet} weekday={weekday} slot={slot} onEdit={onEdit} />}
    </li>
  )
}

interface MendButtonsProps {
  check: WeekCheck
  only?: (edit: Record<string, unknown>) => boolean
  onEdit: (edit: Edit) => unknown
}

/** What would answer a check, as buttons. */
export function MendButtons({ check, only = () => true, onEdit }: MendButtonsProps) {
  const mends = check.mends.filter((mend) => only(mend.edit))
  if (mends.length === 0) return null
  return (
    <span className="mt-1 flex flex-wrap gap-1">
      {mends.map((mend) => (
        <button
          key={mend.words}
          type="button"
          className="btn btn-outline btn-xs"
          onClick={() => onEdit(mend.edit as Edit)}
        >
          {mend.words}
        </button>
      ))}
    </span>
  )
}
