import { useDroppable } from '@dnd-kit/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { SheetBlock, SheetSession, SheetSlot, WeekCheck, WeekSheet } from '../../../shared/api'
import { counted } from '../../../shared/lib/counts'
import { weekdays } from '../PlanForm'
import { endOf, type Gap, isFrame, slotKey, standsAlone } from './places'
import { VerdictSign } from '../Proofs'
import { type Edit, sessionDetailOptions } from './queries'
import { MendButtons, SlotRow } from './SlotRow'

function DropGap({ gap }: { gap: Gap }) {
  const { setNodeRef, isOver } = useDroppable({
    id: `gap/${gap.weekday}/${gap.block}/${gap.place ?? 'alone'}`,
    data: gap,
  })
  return <li ref={setNodeRef} aria-hidden="true" className={`drop-gap ${isOver ? 'drop-gap-over' : ''}`} />
}

const ruleFields: Record<string, [string, string, string][]> = {
  superset: [
    ['rounds', 'rounds', ''],
    ['round_rest_s', 'rest after each', 's'],
  ],
  section: [
    ['rounds', 'times', ''],
    ['round_rest_s', 'rest after each', 's'],
  ],
  circuit: [
    ['rounds', 'rounds', ''],
    ['rest_s', 'rest between', 's'],
    ['round_rest_s', 'after a round', 's'],
  ],
  intervals: [
    ['rounds', 'rounds', ''],
    ['work_s', 'work', 's'],
    ['rest_s', 'rest', 's'],
    ['round_rest_s', 'after a round', 's'],
  ],
  menu: [['pick', 'to pick', '']],
}

interface BlockHeadProps {
  sheet: WeekSheet
  weekday: number
  block: SheetBlock
  index: number
  onEdit: (edit: Edit) => unknown
}

/** The kind of a block and its numbers, to be changed on the spot. */
function BlockHead({ sheet, weekday, block, index, onEdit }: BlockHeadProps) {
  const at = { weekday, block: index }
  const numbers = block.numbers as Record<string, number | number[] | undefined>
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-2 text-sm">
      <select
        aria-label={`Kind of ${block.name}`}
        className="select select-sm w-auto font-semibold"
        value={block.kind}
        onChange={(event) => onEdit({ kind: 'shape', ...at, shape: event.target.value })}
      >
        {sheet.shapes
          .filter((shape) => block.shapes.includes(shape.id))
          .map((shape) => (
            <option key={shape.id} value={shape.id}>
              {shape.label}
            </option>
          ))}
      </select>
      {(ruleFields[block.kind] ?? []).map(([field, label, unit]) => (
        <label key={field} className="flex items-center gap-1">
          <input
            inputMode="numeric"
            className="input input-xs w-12"
            key={String(numbers[field])}
            defaultValue={String(numbers[field] ?? (field === 'rounds' ? (block.slots[0]?.sets ?? '') : ''))}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
            onBlur={(event) => {
              const value = event.target.value.trim()
              if (value !== String(numbers[field] ?? '') && value !== '')
                onEdit({ kind: 'shape', ...at, shape: block.kind, rule: { [field]: Number(value) } })
            }}
          />
          <span className="soft">
            {unit} {label}
          </span>
        </label>
      ))}
      {block.kind === 'ladder' && (
        <label className="flex items-center gap-1">
          <input
            className="input input-xs w-28"
            key={block.rule}
            defaultValue={((numbers['doses'] as number[] | undefined) ?? []).join('-')}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
            onBlur={(event) => {
              const doses = event.target.value
                .split(/[^0-9]+/)
                .filter(Boolean)
                .map(Number)
              if (doses.join('-') !== ((numbers['doses'] as number[] | undefined) ?? []).join('-'))
                onEdit({ kind: 'shape', ...at, shape: 'ladder', rule: { doses } })
            }}
          />
          <span className="soft">one dose a round</span>
        </label>
      )}
      {block.kind !== 'straight' && !isFrame(block.kind) && (
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          onClick={() => onEdit({ kind: 'ungroup', weekday, slot: block.slots[0]?.thread ?? '' })}
        >
          Take apart
        </button>
      )}
    </div>
  )
}

function SessionMore({ sheet, session }: { sheet: WeekSheet; session: SheetSession }) {
  const detail = useQuery(sessionDetailOptions(sheet, session.weekday))
  if (!detail.data)
    return <p className="soft py-2 text-sm">{detail.isError ? 'It cannot be read just now.' : 'Looking…'}</p>
  const { layOut, shorter, workMinutes, restMinutes, changeMinutes } = detail.data
  return (
    <div className="space-y-2 py-2 text-sm">
      <p>
        <strong>Lay out:</strong> {layOut.length === 0 ? 'nothing' : layOut.join(', ')}
      </p>
      <p>
        <strong>Minutes:</strong> {workMinutes} of work, {restMinutes} of rest, {changeMinutes} of setting up and
        changing; {counted(session.kitChanges, 'change')} of kit, {counted(session.positionChanges, 'change')} of
        position
      </p>
      <table className="w-full">
        <caption className="pb-1 text-left font-semibold">With less time</caption>
        <tbody>
          {shorter.map((self) => (
            <tr key={self.minutes} className="border-t border-base-300 align-top">
              <th scope="row" className="py-1 pr-3 text-left whitespace-nowrap">
                {self.minutes} min
              </th>
              <td className="py-1">
                {self.stays.join(', ')}
                {self.likelyMinutes > self.minutes && (
                  <span className="soft"> · likely {self.likelyMinutes} min all the same</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

interface SessionSheetProps {
  sheet: WeekSheet
  session: SheetSession
  open: string | null
  onOpen: (key: string | null) => void
  onKey: (event: React.KeyboardEvent, weekday: number, slot: SheetSlot) => void
  onFocus: (key: string) => void
  onEdit: (edit: Edit, more?: { time?: string }) => Promise<boolean>
}

/** One session of the week: its hour, its blocks on the shelf edge, its trouble, and a line to write the next thing on. */
export function SessionSheet({ sheet, session, open, onOpen, onKey, onFocus, onEdit }: SessionSheetProps) {
  const [line, setLine] = useState('')
  const [isLooking, setLooking] = useState(false)
  const at = { weekday: session.weekday }
  const trouble = sheet.checks.filter((check) => check.weekday === session.weekday && check.verdict !== 'ok')
  const ofSlot = (slot: SheetSlot) => trouble.filter((check) => slot.thread in check.threads)
  const whole = trouble.filter((check) => Object.keys(check.threads).length === 0)
  const taken = sheet.sessions.map((one) => one.weekday)
  const end = endOf(session)
  const isLate = session.likelyMinutes > session.minutes
  const slots = (block: SheetBlock, i: number) => (
    <ul aria-label={block.name} className={block.kind === 'straight' || isFrame(block.kind) ? '' : 'together'}>
      {block.slots.map((slot, j) => {
        const key = slotKey(session.weekday, slot.thread)
        return [
          <DropGap key={`gap-${slot.thread}`} gap={{ ...at, block: i, place: j }} />,
          <SlotRow
            key={slot.thread}
            sheet={sheet}
            weekday={session.weekday}
            slot={slot}
            trouble={ofSlot(slot)}
            isOpen={open === key}
            onOpen={(isOpen) => onOpen(isOpen ? key : null)}
            onKey={onKey}
            onFocus={onFocus}
            onEdit={onEdit}
          />,
        ]
      })}
      <DropGap gap={{ ...at, block: i, place: block.slots.length }} />
    </ul>
  )
  return (
    <section aria-label={session.day} className="min-w-0">
      <header className="ledge-thin flex flex-wrap items-center gap-x-3 gap-y-1 pb-1">
        <h3 className="text-xl">{session.day}</h3>
        <input
          aria-label={`Time on ${session.day}`}
          type="time"
          className="input input-sm w-28"
          key={session.time}
          defaultValue={session.time}
          onBlur={(event) =>
            event.target.value !== session.time &&
            event.target.value !== '' &&
            void onEdit({ kind: 'visit', ...at }, { time: event.target.value })
          }
        />
        <input
          aria-label={`Name of ${session.day}`}
          className="input input-sm min-w-0 grow basis-28"
          key={session.name}
          defaultValue={session.name}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          onBlur={(event) =>
            event.target.value.trim() !== session.name &&
            event.target.value.trim() !== '' &&
            void onEdit({ kind: 'rename', ...at, name: event.target.value.trim() })
          }
        />
        <label className="flex items-center gap-1 text-sm">
          <span className={isLate ? 'look-here tag' : ''}>
            likely <strong>{session.likelyMinutes}</strong> of
          </span>
          <input
            aria-label={`Minutes on ${session.day}`}
            inputMode="numeric"
            className="input input-sm w-14"
            key={session.minutes}
            defaultValue={session.minutes}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
            onBlur={(event) =>
              Number(event.target.value) !== session.minutes &&
              void onEdit({ kind: 'visit', ...at, minutes: Number(event.target.value) })
            }
          />
          min <span className="soft">(planned {session.promisedMinutes})</span>
        </label>
      </header>
      <div className={`time-meter ${isLate ? 'time-meter-late' : ''}`} aria-hidden="true">
        <span style={{ width: `${Math.min(100, (100 * session.likelyMinutes) / session.minutes)}%` }} />
      </div>
      {whole.map((check) => (
        <div key={check.id} className="trouble">
          <VerdictSign verdict={check.verdict} />
          <div>
            {check.words}
            <MendButtons check={check} onEdit={onEdit} />
          </div>
        </div>
      ))}
      {session.blocks.map((block, i) => (
        <div key={`${i}/${block.kind}`}>
          {standsAlone(session.blocks, i) && (
            <ul>
              <DropGap gap={{ ...at, block: i, place: null }} />
            </ul>
          )}
          {isFrame(block.kind) ? (
            <details className="frame">
              <summary className="cursor-pointer py-1.5 text-sm">
                <strong>{block.name}</strong>{' '}
                <span className="soft">
                  {block.slots.map((slot) => `${slot.name.toLowerCase()} ${slot.dose}`).join(', ')}
                </span>
              </summary>
              {slots(block, i)}
            </details>
          ) : (
            <>
              <BlockHead sheet={sheet} weekday={session.weekday} block={block} index={i} onEdit={onEdit} />
              {slots(block, i)}
            </>
          )}
        </div>
      ))}
      {(session.blocks[end.block - 1]?.kind ?? '') !== 'straight' && (
        <ul>
          <DropGap gap={end} />
        </ul>
      )}
      {session.blocks.length === 0 && (
        <p className="soft py-3 text-sm">
          Nothing yet. Write a line, drag an exercise here, or copy one from another day.
        </p>
      )}
      <form
        className="mt-2 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (line.trim() === '') return
          const written = line
          void onEdit({ kind: 'write', ...at, text: line.trim() }).then((isMade) => {
            // What could not be read stays to be mended.
            if (isMade) setLine((now) => (now === written ? '' : now))
          })
        }}
      >
        <input
          aria-label={`Write into ${session.day}`}
          data-write={session.weekday}
          className="input input-sm grow"
          placeholder="goblet squat 3x10 12 kg"
          value={line}
          onChange={(event) => setLine(event.target.value)}
        />
        <button className="btn btn-sm" disabled={line.trim() === ''}>
          Write it
        </button>
      </form>
      <div className="mt-1 flex flex-wrap items-center gap-1">
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          aria-expanded={isLooking}
          onClick={() => setLooking(!isLooking)}
        >
          Lay out, minutes, less time
        </button>
        <select
          aria-label={`Move or copy ${session.day}`}
          className="select select-xs w-auto"
          value=""
          onChange={(event) => {
            const [kind, to] = event.target.value.split(' ')
            if (kind === 'remove-session') void onEdit({ kind, ...at })
            else if (kind) void onEdit({ kind, ...at, to: Number(to) })
          }}
        >
          <option value="">The whole session…</option>
          {weekdays.map((name, i) =>
            i + 1 === session.weekday ? null : (
              <option key={`day ${name}`} value={`day ${i + 1}`}>
                {taken.includes(i + 1) ? `Change places with ${name}` : `Move to ${name}`}
              </option>
            ),
          )}
          {weekdays.map((name, i) =>
            taken.includes(i + 1) ? null : (
              <option key={`copy ${name}`} value={`copy-session ${i + 1}`}>
                Copy to {name}
              </option>
            ),
          )}
          <option value="remove-session">Take it out</option>
        </select>
        <button type="button" className="btn btn-ghost btn-xs" onClick={() => void onEdit({ kind: 'order', ...at })}>
          Put in order
        </button>
        <button type="button" className="btn btn-ghost btn-xs" onClick={() => void onEdit({ kind: 'frame', ...at })}>
          Warm-up anew
        </button>
      </div>
      {isLooking && <SessionMore sheet={sheet} session={session} />}
    </section>
  )
}

export function troubleOfWeek(checks: WeekCheck[]): WeekCheck[] {
  return checks.filter((check) => check.weekday === null && check.verdict !== 'ok')
}
