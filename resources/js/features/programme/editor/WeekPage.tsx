import {
  type Announcements,
  DndContext,
  type DragEndEvent,
  DragOverlay,
  PointerSensor,
  type CollisionDetection,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { useQuery } from '@tanstack/react-query'
import { ArrowLeft, Redo2, Undo2 } from 'lucide-react'
import { useCallback, useEffect, useRef, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { useTitle } from '../../../shared/lib/useTitle'
import type { SheetSlot, WeekSheet } from '../../../shared/api'
import { briefDay } from '../../../shared/lib/time'
import { Loading, Problem } from '../../../shared/ui'
import { weekdays } from '../PlanForm'
import { CheckRow, MuscleBands } from '../Proofs'
import type { Dragged } from './Grip'
import { type Gap, heir, neighbour, otherDay, slotKey, slotKeys, threadOf } from './places'
import { type Edit, sheetOptions } from './queries'
import { SessionSheet, troubleOfWeek } from './SessionSheet'
import { MendButtons } from './SlotRow'
import { Source } from './Source'
import { useEditing } from './useEditing'

const keys: [string, string][] = [
  ['↑ ↓', 'walk'],
  ['Alt ↑ ↓', 'move within the day'],
  ['Alt ← →', 'move to another day'],
  ['Enter', 'open'],
  ['+ −', 'sets'],
  ['e h', 'easier, harder'],
  ['g u', 'join with the next, take apart'],
  ['c v', 'copy, put in'],
  ['s', 'sides'],
  ['Del', 'take out'],
  ['w f', 'write, find'],
  ['Ctrl Z, Ctrl ⇧ Z', 'undo, redo'],
]

/** One week of a programme, changed by hand and judged while it is. */
export function WeekPage() {
  const { programmeId, week } = useParams()
  const sheet = useQuery(sheetOptions(Number(programmeId), Number(week)))
  if (sheet.isPending) return <Loading what="the week" />
  if (sheet.isError) return <Problem error={sheet.error} onRetry={() => void sheet.refetch()} />
  return <Editor key={`${programmeId}/${week}`} sheet={sheet.data} />
}

/** The gap nearest to the pointer: rows are tall and gaps are thin, and a hand aims between two rows. */
const nearestToPointer: CollisionDetection = ({ pointerCoordinates, droppableRects, droppableContainers }) => {
  if (!pointerCoordinates) return []
  const { x, y } = pointerCoordinates
  const near = droppableContainers.flatMap((container) => {
    const rect = droppableRects.get(container.id)
    if (!rect) return []
    const across = Math.max(rect.left - x, 0, x - rect.right)
    const down = Math.abs(rect.top + rect.height / 2 - y)
    return [{ id: container.id, data: { droppableContainer: container, value: across + down } }]
  })
  return near.sort((one, other) => one.data.value - other.data.value)
}

const nameOf = (active: { data: { current?: unknown } }) =>
  (active.data.current as Dragged | undefined)?.name ?? 'The exercise'
const dayOf = (over: { data: { current?: unknown } } | null) => {
  const gap = over?.data.current as Gap | undefined
  return gap === undefined ? null : (weekdays[gap.weekday - 1] ?? null)
}

/** What a drag says to somebody who cannot see it. */
const announcements: Announcements = {
  onDragStart: ({ active }) => `${nameOf(active)} is picked up.`,
  onDragOver: ({ active, over }) =>
    dayOf(over) === null ? `${nameOf(active)} is over nothing.` : `${nameOf(active)} is over ${dayOf(over)}.`,
  onDragEnd: ({ active, over }) =>
    dayOf(over) === null ? `${nameOf(active)} stays where it was.` : `${nameOf(active)} is put down on ${dayOf(over)}.`,
  onDragCancel: ({ active }) => `${nameOf(active)} stays where it was.`,
}

function Editor({ sheet }: { sheet: WeekSheet }) {
  useTitle(`Week ${sheet.number}: ${sheet.programme}`)
  const navigate = useNavigate()
  const [open, setOpen] = useState<string | null>(null)
  const [into, setInto] = useState(sheet.sessions[0]?.weekday ?? 1)
  const [onwards, setOnwards] = useState(true)
  const [dragged, setDragged] = useState<Dragged | null>(null)
  const focused = useRef<string | null>(null)
  const copied = useRef<{ weekday: number; slot: string } | null>(null)
  const focus = (key: string | null) => {
    if (key === null) return
    const row =
      document.querySelector<HTMLElement>(`[data-slot="${CSS.escape(key)}"]`) ??
      // What was taken back stands on another day again.
      document.querySelector<HTMLElement>(`[data-slot$="${CSS.escape(`/${threadOf(key)}`)}"]`)
    row?.focus()
  }
  const path = `/clients/${sheet.clientId}/programme/${sheet.programmeId}/week`
  const onSheet = useCallback(
    (changed: WeekSheet) => {
      if (changed.number !== sheet.number) void navigate(`${path}/${changed.number}`)
    },
    [navigate, path, sheet.number],
  )
  const editing = useEditing(sheet.programmeId, sheet.number, onSheet)
  const isDeload = sheet.kind === 'deload'
  const edit = (one: Edit, more: { time?: string } = {}) =>
    editing.edit(one, { onwards: onwards && !isDeload, ...more })

  // What was moved keeps the focus, wherever it stands now.
  useEffect(() => {
    const now = document.activeElement
    if (focused.current !== null && (now === null || now === document.body || now.matches('main'))) {
      focus(focused.current)
    }
  }, [sheet])

  const { undo, redo } = editing
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      const target = event.target as HTMLElement | null
      // Half-typed text has an undo of its own.
      if (target?.matches('input[type="text"], input:not([type]), textarea')) return
      event.preventDefault()
      if (event.shiftKey) redo()
      else undo()
    }
    window.addEventListener('keydown', pressed)
    return () => window.removeEventListener('keydown', pressed)
  }, [undo, redo])

  const onKey = (event: React.KeyboardEvent, weekday: number, slot: SheetSlot) => {
    if (event.ctrlKey || event.metaKey) return
    const at = { weekday, slot: slot.thread }
    const all = slotKeys(sheet)
    const key = slotKey(weekday, slot.thread)
    const go = (by: number) => focus(neighbour(all, key, by))
    const toDay = (by: number) => {
      const to = otherDay(sheet, weekday, by)
      if (to === null) return
      focused.current = slotKey(to, slot.thread)
      void edit({ kind: 'move', ...at, to })
    }
    const sides = slot.sidesThere.map((one) => one.id)
    const actions: Record<string, () => void> = event.altKey
      ? {
          ArrowUp: () => void edit({ kind: 'shift', ...at, by: -1 }),
          ArrowDown: () => void edit({ kind: 'shift', ...at, by: 1 }),
          ArrowLeft: () => toDay(-1),
          ArrowRight: () => toDay(1),
        }
      : {
          ArrowUp: () => go(-1),
          ArrowDown: () => go(1),
          '+': () => void edit({ kind: 'ask', ...at, ask: { sets: slot.sets + 1 } }),
          '-': () => slot.sets > 1 && void edit({ kind: 'ask', ...at, ask: { sets: slot.sets - 1 } }),
          e: () => void edit({ kind: 'easier', ...at }),
          h: () => void edit({ kind: 'harder', ...at }),
          g: () => void edit({ kind: 'group', ...at }),
          u: () => void edit({ kind: 'ungroup', ...at }),
          c: () => {
            copied.current = at
          },
          v: () => copied.current && void edit({ kind: 'copy', ...copied.current, to: weekday }),
          s: () =>
            void edit({ kind: 'ask', ...at, ask: { sides: sides[(sides.indexOf(slot.sides) + 1) % sides.length] } }),
          Delete: () => {
            focused.current = heir(all, key)
            void edit({ kind: 'remove', ...at })
          },
          w: () => document.querySelector<HTMLElement>(`[data-write="${weekday}"]`)?.focus(),
          f: () => document.querySelector<HTMLElement>('[data-find]')?.focus(),
        }
    const act = actions[event.key] ?? (event.key === '=' ? actions['+'] : undefined)
    if (act) {
      event.preventDefault()
      act()
    }
  }

  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }))
  const dropped = ({ active, over }: DragEndEvent) => {
    setDragged(null)
    const what = active.data.current as Dragged | undefined
    const gap = over?.data.current as Gap | undefined
    if (!what || !gap) return
    const place = { block: gap.block, ...(gap.place === null ? {} : { place: gap.place }) }
    if (what.exercise !== undefined) {
      void edit({
        kind: 'add',
        weekday: gap.weekday,
        exercise: what.exercise,
        ...(what.setting ? { setting: what.setting } : {}),
        ...place,
      })
    } else if (what.weekday !== undefined && what.slot !== undefined) {
      focused.current = slotKey(gap.weekday, what.slot)
      void edit({ kind: 'move', weekday: what.weekday, slot: what.slot, to: gap.weekday, ...place })
    }
  }

  const taken = sheet.sessions.map((session) => session.weekday)
  const ofWeek = troubleOfWeek(sheet.checks)
  const good = sheet.checks.filter((check) => check.verdict === 'ok').length
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={nearestToPointer}
      accessibility={{ announcements, screenReaderInstructions: { draggable: 'Alt with the arrow keys moves it.' } }}
      onDragStart={({ active }) => setDragged((active.data.current as Dragged | undefined) ?? null)}
      onDragCancel={() => setDragged(null)}
      onDragEnd={dropped}
    >
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="grow">
          <Link
            to={`/clients/${sheet.clientId}/programme?programme=${sheet.programmeId}`}
            className="btn btn-ghost btn-sm -ml-3"
          >
            <ArrowLeft className="size-4" aria-hidden="true" /> {sheet.programme}
          </Link>
          <h2 className="text-2xl">
            Week {sheet.number} of {sheet.weeks}
            <span className="soft text-base">
              {' '}
              · from {briefDay(sheet.startsOn)}
              {isDeload && ', lighter on purpose: what is changed here stays here'}
            </span>
          </h2>
        </div>
        <nav aria-label="Weeks" className="flex flex-wrap gap-1">
          {Array.from({ length: sheet.weeks }, (_, i) => i + 1).map((number) => (
            <Link
              key={number}
              to={`${path}/${number}`}
              aria-current={number === sheet.number ? 'page' : undefined}
              className={`btn btn-xs ${number === sheet.number ? 'btn-primary' : 'btn-ghost'}`}
            >
              {number}
            </Link>
          ))}
        </nav>
        <div className="flex gap-1">
          <Link to={`${path}/${sheet.number}/print`} className="btn btn-ghost btn-sm">
            Print
          </Link>
          {(
            [
              ['Undo', Undo2, sheet.undo, editing.undo],
              ['Redo', Redo2, sheet.redo, editing.redo],
            ] as const
          ).map(([label, Icon, what, act]) => (
            <button
              key={label}
              type="button"
              className="btn btn-sm"
              disabled={what === null}
              title={what ?? undefined}
              onClick={act}
            >
              <Icon className="size-4" aria-hidden="true" /> {label}
            </button>
          ))}
        </div>
      </div>
      <p role="status" className="mt-1 min-h-6 text-sm">
        {sheet.said !== '' && <span>{sheet.said}. </span>}
        <span className="soft">
          {editing.following === 'waiting' && 'The weeks after follow…'}
          {editing.following === 'done' && 'The weeks after have followed.'}
          {editing.keptVisits.length > 0 &&
            ` Changed for their day alone, and left so: ${editing.keptVisits.map(briefDay).join(', ')}.`}
        </span>
      </p>
      {editing.stale && (
        <div role="alert" className="caution week-refused">
          <p>{editing.stale.message}</p>
          <span className="flex gap-2">
            <button type="button" className="btn btn-sm" onClick={editing.again}>
              Make it on this
            </button>
            <button type="button" className="btn btn-ghost btn-sm" onClick={editing.dismiss}>
              Leave it
            </button>
          </span>
        </div>
      )}
      {editing.problem && (
        <div role="alert" className="caution week-refused">
          <p>Not changed: {editing.problem.message}</p>
          <button type="button" className="btn btn-ghost btn-sm" onClick={editing.dismiss}>
            Close
          </button>
        </div>
      )}
      <div className="mt-2 grid items-start gap-x-8 gap-y-8 lg:grid-cols-[1fr_20rem]">
        <div className="grid min-w-0 gap-x-8 gap-y-10 xl:grid-cols-2">
          {sheet.sessions.map((session) => (
            <SessionSheet
              key={session.weekday}
              sheet={sheet}
              session={session}
              open={open}
              onOpen={setOpen}
              onKey={onKey}
              onFocus={(key) => {
                focused.current = key
                setInto(session.weekday)
              }}
              onEdit={edit}
            />
          ))}
          {taken.length < 7 && (
            <div className="flex flex-wrap items-center gap-1">
              <span className="soft text-sm">Add a day:</span>
              {weekdays.map((name, i) =>
                taken.includes(i + 1) ? null : (
                  <button
                    key={name}
                    type="button"
                    className="btn btn-xs"
                    onClick={() => void edit({ kind: 'add-session', weekday: i + 1 })}
                  >
                    {name.slice(0, 3)}
                  </button>
                ),
              )}
            </div>
          )}
        </div>
        <aside aria-label="What the week says" className="space-y-6 lg:sticky lg:top-2">
          <label className="flex items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="toggle toggle-sm"
              checked={onwards && !isDeload}
              disabled={isDeload}
              onChange={(event) => setOnwards(event.target.checked)}
            />
            changes count for the weeks after too
          </label>
          {sheet.sessions.length > 0 && (
            <Source
              sheet={sheet}
              weekday={taken.includes(into) ? into : (taken[0] ?? 1)}
              onWeekday={setInto}
              onEdit={edit}
            />
          )}
          <section aria-label="Checks">
            <h3 className="text-lg">
              Checks{' '}
              <span className="soft text-base">
                · {good} of {sheet.checks.length} good
              </span>
            </h3>
            <ul>
              {ofWeek.map((check, i) => (
                <li key={i}>
                  <ul>
                    <CheckRow check={check} />
                  </ul>
                  <MendButtons check={check} onEdit={edit} />
                </li>
              ))}
              {ofWeek.length === 0 && <li className="soft text-sm">Nothing to say about the week as a whole.</li>}
            </ul>
          </section>
          <MuscleBands muscles={sheet.muscles} title="Working sets in this week" />
          <details>
            <summary className="cursor-pointer text-sm font-semibold">Keys</summary>
            <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 text-sm">
              {keys.map(([key, what]) => (
                <div key={key} className="contents">
                  <dt>
                    <kbd className="kbd kbd-sm">{key}</kbd>
                  </dt>
                  <dd>{what}</dd>
                </div>
              ))}
            </dl>
          </details>
        </aside>
      </div>
      <DragOverlay>{dragged && <div className="paper px-3 py-2 shadow-lg">{dragged.name}</div>}</DragOverlay>
    </DndContext>
  )
}
