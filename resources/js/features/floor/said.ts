import type { Session } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import type { Counted } from './run/acts'
import { endsByClock, workedMs, type Run } from './run/run'
import type { PlacedSet } from './run/sets'

export const sideWords: Record<string, string> = { left: 'Left side', right: 'Right side' }

/** "10 repetitions", "30 seconds", "as long as clean, at most 60 seconds": what one set asks for. */
export function said(set: PlacedSet): string {
  const part = set.parts[0]
  if (part === undefined) return ''
  if (set.parts.length > 1) return counted(set.seconds, 'second')
  if (part.counting === 'repetitions') return counted(part.dose, 'repetition')
  return part.counting === 'down'
    ? counted(set.seconds, 'second')
    : `as long as clean, at most ${counted(set.seconds, 'second')}`
}

/** "set 2 of 3", "round 2 of 4", "step 2 of 3". */
export function placeWords({ block, item, setNumber }: PlacedSet): string {
  return block.kind === 'ramp'
    ? `step ${block.items.indexOf(item) + 1} of ${block.items.length}`
    : `${block.goesRound ? 'round' : 'set'} ${setNumber} of ${item.sets}`
}

/** "straight sets", "straight sets, Legs first", "Superset 2": the kind of a block and its name, each said once. */
export function blockWords({ label, name }: { label: string; name: string }): string {
  if (name === '' || name === 'Work' || name.toLowerCase() === label) return label
  return name.toLowerCase().startsWith(label) ? name : `${label}, ${name}`
}

/** What counts as done where somebody says that a set is over. */
export function clockOf(
  set: PlacedSet,
  run: Run,
  now: number,
  count: number,
  counts: 'at-end' | 'tap' | 'clock',
): Counted {
  const seconds = Math.max(0, Math.round(workedMs(run, now) / 1000))
  const isCounted = set.parts.every((part) => part.counting === 'repetitions')
  if (set.item.isHold) return { reps: Math.min(300, seconds), seconds: Math.min(3600, seconds) }
  if (isCounted) {
    // Whoever counts at the end begins with what was asked for, and puts it right in the rest.
    const asked = set.parts[0]?.dose ?? set.item.reps
    return { reps: Math.min(300, counts === 'at-end' ? asked : count > 0 ? count : asked) }
  }
  const isByTap = counts === 'tap' && count > 0
  return { reps: isByTap ? Math.min(300, count) : null, seconds: Math.min(3600, seconds) }
}

/** "0:27.4": whole tenths, so that the last one is not seen as nothing too early. */
export function clockWords(ms: number): string {
  const tenths = Math.max(0, Math.ceil(ms / 100))
  const seconds = Math.floor(tenths / 10)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}.${tenths % 10}`
}

/** True where the pressure that was said forbids training; the application says it too, once it knows. */
export function isTooHigh(session: Session, said: { systolic?: number; diastolic?: number }): boolean {
  return (
    said.systolic !== undefined &&
    said.diastolic !== undefined &&
    (said.systolic >= session.stopSystolic || said.diastolic >= session.stopDiastolic)
  )
}

export { endsByClock }
