import type { SheetBlock, SheetSession, WeekSheet } from '../../../shared/api'

/** Where something can be put: before `place` of a block, or alone before a block where there is no place. */
export interface Gap {
  weekday: number
  block: number
  place: number | null
}

export const isFrame = (kind: string) => kind === 'warm-up' || kind === 'cool-down'

/** The gap after the work of a session: before its cool-down, or at its end. */
export function endOf(session: SheetSession): Gap {
  const last = session.blocks.length - 1
  return {
    weekday: session.weekday,
    block: session.blocks[last]?.kind === 'cool-down' ? last : last + 1,
    place: null,
  }
}

/** True where something can stand alone before a block: between two rounds, which are not straight sets. */
export function standsAlone(blocks: SheetBlock[], index: number): boolean {
  const block = blocks[index]
  const before = blocks[index - 1]
  return (
    block !== undefined &&
    block.kind !== 'straight' &&
    block.kind !== 'warm-up' &&
    (before === undefined || before.kind !== 'straight')
  )
}

/** Names a slot in the page: threads are unique within a day. */
export const slotKey = (weekday: number, thread: string) => `${weekday}/${thread}`

/** The thread a slot is named by. */
export const threadOf = (key: string) => key.slice(key.indexOf('/') + 1)

/** All exercises of the week as they stand, for walking through them. */
export function slotKeys(sheet: WeekSheet): string[] {
  return sheet.sessions.flatMap((session) =>
    session.blocks.flatMap((block) => block.slots.map((slot) => slotKey(session.weekday, slot.thread))),
  )
}

/** The one before or after another; the same where there is none. */
export function neighbour(keys: string[], key: string, by: number): string {
  return keys[keys.indexOf(key) + by] ?? key
}

/** Where the focus goes when one is taken out: to the one after it, else before it. */
export function heir(keys: string[], key: string): string | null {
  const at = keys.indexOf(key)
  return keys[at + 1] ?? keys[at - 1] ?? null
}

/** The weekday of the session before or after one; null where there is none. */
export function otherDay(sheet: WeekSheet, weekday: number, by: number): number | null {
  const days = sheet.sessions.map((session) => session.weekday)
  return days[days.indexOf(weekday) + by] ?? null
}
