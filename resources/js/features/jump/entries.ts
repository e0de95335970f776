import type { CatalogueEntry, ClientSummary, Round } from '../../shared/api'
import { answers, type Searched } from '../../shared/lib/search'
import { timeOfDay } from '../../shared/lib/time'

/** One thing to go to or to do. */
export interface Entry extends Searched {
  key: string
  group: string
  /** An address, or the name of something that is done here. */
  to: string
  /** Beside the name, in soft words. */
  note?: string
}

interface Known {
  clients: ClientSummary[]
  exercises: CatalogueEntry[]
  /** What is known of today and of tomorrow; undefined where nothing is yet. */
  today: Round | undefined
  tomorrow: Round | undefined
  /** The client who is looked at; null where none is. */
  here: number | null
}

const most = 60
const ofToday = 'Sessions of today'
const plain = { aliases: [] as string[], patternName: '', muscles: [] as string[], kit: [] as string[] }

const entry = (group: string, name: string, to: string, aliases: string[] = [], note?: string): Entry => ({
  ...plain,
  key: `${group}/${to}/${name}`,
  group,
  name,
  to,
  aliases,
  ...(note === undefined ? {} : { note }),
})

const places = [
  entry('Places', 'Round', '/', ['today', 'visits', 'day']),
  entry('Places', 'Clients', '/clients', ['people']),
  entry('Places', 'Catalogue', '/catalogue', ['exercises']),
  entry('Places', 'Settings', '/settings', ['options', 'time zone', 'emergency number']),
]

const actions = [
  entry('Do', 'A new client', '/clients/new', ['add a client', 'first client']),
  entry('Do', 'Add a visit', '/?add=visit', ['book', 'appointment']),
  entry('Do', 'Change the colours: daylight or evening', '!theme', ['dark', 'light', 'theme']),
  entry('Do', 'Change my password', '/settings#password', ['account']),
  entry('Do', 'List of keys', '!keys', ['keyboard', 'shortcuts', 'help']),
  entry('Do', 'Sign out', '!sign-out', ['log out', 'leave']),
]

const ofClient: [name: string, path: string, aliases: string[]][] = [
  ['Person', '', ['height', 'mass', 'goal', 'measures']],
  ['Health', '/health', ['questions', 'clearance', 'screening']],
  ['Limits and room', '/room', ['ceiling', 'floor', 'pain']],
  ['Shelf', '/shelf', ['kit', 'equipment', 'things', 'put on the shelf', 'coverage']],
  ['Bench', '/bench', ['measure a band', 'weigh', 'scale']],
  ['Rail', '/rail', ['easier', 'harder', 'progression']],
  ['Programme', '/programme', ['plan', 'weeks', 'plan a programme']],
  ['Start', '/start', ['calibrate', 'tests', 'what they can do', 'first visit']],
  ['Ledger', '/ledger', ['logs', 'records', 'sets']],
]

const clientEntries = ({ id, name }: ClientSummary): Entry[] =>
  ofClient.map(([place, path, aliases]) =>
    entry(
      name,
      `${name} · ${place}`,
      `/clients/${id}${path}`,
      [...aliases, ...(path === '' ? [name] : [])].map((alias) => `${name} ${alias}`),
    ),
  )

function sessionEntries(round: Round | undefined, group: string): Entry[] {
  const standing = (round?.visits ?? []).filter((visit) => !visit.isCancelled)
  return standing.flatMap((visit) => {
    const named = `${visit.clientName}, ${timeOfDay(visit.startsAt)}`
    const floor = entry(
      group,
      `Floor · ${named}`,
      `/floor/${visit.sessionId}`,
      [`run ${visit.sessionName} ${visit.clientName}`, `open the Floor of ${visit.clientName}`],
      visit.sessionName,
    )
    const swap =
      visit.firstSwapItemId === null
        ? []
        : [entry(group, `Swap what is missing · ${named}`, `/swap/${visit.firstSwapItemId}`, [], visit.sessionName)]
    const anew =
      visit.state === 'done'
        ? []
        : [
            entry(group, `Change today’s session · ${named}`, `/replan/${visit.sessionId}`, [
              'less time',
              'sore',
              'missing kit',
            ]),
          ]
    return [floor, ...swap, ...anew]
  })
}

const exerciseEntry = (exercise: CatalogueEntry): Entry => ({
  key: exercise.id,
  group: 'Exercises',
  to: `/catalogue/${exercise.id}`,
  name: exercise.name,
  aliases: exercise.aliases,
  patternName: exercise.patternName,
  muscles: exercise.muscles,
  kit: exercise.kit,
})

/** All there is to go to, taken apart once for as long as it is known. */
export function entriesOf({ clients, exercises, today, tomorrow, here }: Known): Entry[] {
  const first = clients.filter((one) => one.id === here)
  return [
    ...first.flatMap(clientEntries),
    ...places,
    ...actions,
    ...sessionEntries(today, ofToday),
    ...sessionEntries(tomorrow, 'Sessions of tomorrow'),
    ...clients.filter((one) => one.id !== here).flatMap(clientEntries),
    ...exercises.map(exerciseEntry),
  ]
}

/**
 * What answers what was typed, in groups, the best group first; where nothing is typed, what is near: places, things to do,
 * the client who is looked at, the sessions of today.
 */
export function found(all: Entry[], typed: string): { group: string; entries: Entry[] }[] {
  const isBlank = typed.trim() === ''
  const near = new Set(['Places', 'Do', ofToday, all[0]?.group ?? ''])
  const groups = new Map<string, { best: number; entries: { one: Entry; score: number }[] }>()
  for (const one of all) {
    const score = isBlank ? (near.has(one.group) ? 1 : 0) : answers(typed, one)
    if (score === 0) continue
    const group = groups.get(one.group) ?? { best: 0, entries: [] }
    group.best = Math.max(group.best, score)
    group.entries.push({ one, score })
    groups.set(one.group, group)
  }
  let room = most
  return [...groups]
    .map(([group, { best, entries }]) => ({ group, best, entries }))
    .sort((a, b) => b.best - a.best)
    .map(({ group, entries }) => {
      const kept = entries.sort((a, b) => b.score - a.score).slice(0, room)
      room -= kept.length
      return { group, entries: kept.map(({ one }) => one) }
    })
    .filter(({ entries }) => entries.length > 0)
}
