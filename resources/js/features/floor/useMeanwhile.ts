import { useState } from 'react'
import type { Session } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { madeHere, useOutbox } from './device/outbox'

interface Seen {
  /** Keys of sets and facts that were here when the page looked last. */
  keys: Set<string>
  /** What each exercise was when the page looked last. */
  items: Map<number, { words: string; isSwapped: boolean }>
}

function lookAt(session: Session): Seen {
  const items = session.blocks.flatMap((block) => block.items)
  return {
    keys: new Set([
      ...session.facts.map((fact) => fact.key),
      ...items.flatMap((item) => item.setLogs.map((log) => log.key)),
    ]),
    items: new Map(
      items.map((item) => [item.id, { words: `${item.name}, ${item.words}`, isSwapped: item.swappedFrom !== null }]),
    ),
  }
}

/** What changed under the session that this device did not do: another device runs it too, or the plan was changed. */
function changesIn(before: Seen, session: Session, mine: Set<string>): string[] {
  const items = session.blocks.flatMap((block) => block.items)
  const sets = items.flatMap((item) => item.setLogs).filter((log) => !before.keys.has(log.key) && !mine.has(log.key))
  const swapped = new Set(session.facts.filter((fact) => fact.kind === 'swapped').map((fact) => fact.itemId))
  const other = items.filter((item) => {
    const was = before.items.get(item.id)
    // A swap for one set ends by itself.
    const hasEnded = was?.isSwapped === true && item.swappedFrom === null
    return was !== undefined && was.words !== `${item.name}, ${item.words}` && !swapped.has(item.id) && !hasEnded
  })
  return [
    ...(sets.length === 0
      ? []
      : [`Another device runs this session too: ${counted(sets.length, 'set')} came from it and counted.`]),
    ...other.map(
      (item) => `Changed meanwhile: ${before.items.get(item.id)?.words} is now ${item.name}, ${item.words}.`,
    ),
  ]
}

/** What somebody else did to this session while it ran here; null where nothing is to be said. */
export function useMeanwhile(session: Session): { words: string; read: () => void } | null {
  const made = madeHere(useOutbox())
  const [looked, setLooked] = useState({ session, seen: lookAt(session) })
  const [words, setWords] = useState<string[]>([])
  if (looked.session !== session) {
    const mine = new Set(made.map((event) => event.key))
    const undid = made.some((event) => event.kind === 'taken-up')
    const news = changesIn(looked.seen, session, mine).filter((one) => !undid || !one.startsWith('Changed'))
    setLooked({ session, seen: lookAt(session) })
    if (news.length > 0) setWords([...words, ...news])
  }
  return words.length === 0 ? null : { words: words.join(' '), read: () => setWords([]) }
}
