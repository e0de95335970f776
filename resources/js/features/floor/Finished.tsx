import { Copy } from 'lucide-react'
import { useState } from 'react'
import type { Item, Session, SetLog } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { longDay, timeOfDay } from '../../shared/lib/time'
import { happen } from './device/outbox'
import { FloorHead } from './FloorHead'
import { eventOf } from './run/events'
import { MessageLine } from './MessageLine'
import { say } from './messages'
import { placedSets } from './run/sets'

function logWords(item: Item, log: SetLog): string {
  if (item.isHold) return `${log.reps ?? log.seconds ?? 0} s`
  return log.reps === null ? `${log.seconds ?? 0} s` : String(log.reps)
}

/** What was done of one exercise, or what became of it. */
function doneWords(session: Session, item: Item): string {
  if (item.setLogs.length > 0) return item.setLogs.map((log) => logWords(item, log)).join(' · ')
  if (item.leftOut !== null) return 'left out'
  const sets = placedSets(session).filter((set) => set.itemId === item.id)
  if (sets.every((set) => set.state === 'not chosen')) return 'not chosen'
  if (sets.some((set) => set.state === 'not needed')) return 'not needed'
  return sets.some((set) => set.state === 'skipped') ? 'left out' : 'not reached'
}

/** What the client may take along, in plain words. */
function summary(session: Session): string {
  const items = session.blocks.flatMap((block) => block.items).filter((item) => item.setLogs.length > 0)
  return [
    `${session.name}, ${longDay(session.startsAt)}`,
    ...items.map((item) => `${item.name}, ${item.words}: ${item.setLogs.map((log) => logWords(item, log)).join(', ')}`),
    ...(session.next === null ? [] : [`Next: ${longDay(session.next.startsAt)}, ${timeOfDay(session.next.startsAt)}`]),
  ].join('\n')
}

const soreness: [string, string][] = [
  ['none', 'None'],
  ['some', 'Some, tomorrow'],
  ['much', 'Much, for two days'],
]

const ratedNow = (session: Session, effort: number, soreExpected: string) =>
  eventOf(session, 'session-rated', Date.now(), { effort, ...(soreExpected === '' ? {} : { soreExpected }) })

/** How hard the whole was, in the client's words between nothing and all there was. */
function HowHard({ session }: { session: Session }) {
  const rated = session.facts.findLast((fact) => fact.kind === 'session-rated')
  const [sore, setSore] = useState<string>('')
  const [effort, setEffort] = useState<number | null>(null)
  if (rated !== undefined && effort === null) {
    return <p className="mt-4 text-lg">The whole was {rated.effort} of 10 hard.</p>
  }
  const keep = (hard: number, soreExpected: string) => {
    setEffort(hard)
    happen(ratedNow(session, hard, soreExpected))
  }
  return (
    <section className="floor-panel mt-4" aria-label="How hard was the whole?">
      <fieldset>
        <legend className="text-lg font-semibold">How hard was the whole?</legend>
        <div className="mt-1 grid grid-cols-6 gap-1.5 sm:grid-cols-11">
          {Array.from({ length: 11 }, (_, hard) => (
            <button
              key={hard}
              type="button"
              aria-pressed={effort === hard}
              aria-label={`${hard} of 10`}
              className={`btn px-0 text-lg ${effort === hard ? 'btn-neutral' : 'btn-outline'}`}
              onClick={() => keep(hard, sore)}
            >
              {hard}
            </button>
          ))}
        </div>
        <p className="soft text-sm">0 nothing, 10 all there was</p>
      </fieldset>
      <fieldset className="mt-2">
        <legend className="font-semibold">Soreness to expect</legend>
        <div className="mt-1 flex flex-wrap gap-1.5">
          {soreness.map(([value, words]) => (
            <button
              key={value}
              type="button"
              aria-pressed={sore === value}
              className={`btn ${sore === value ? 'btn-neutral' : 'btn-outline'}`}
              onClick={() => {
                setSore(value)
                if (effort !== null) keep(effort, value)
              }}
            >
              {words}
            </button>
          ))}
        </div>
      </fieldset>
    </section>
  )
}

function minutesBetween(from: string | null, to: string | null): number | null {
  return from === null || to === null ? null : Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / 60_000))
}

export function Finished({ session }: { session: Session }) {
  const items = session.blocks.flatMap((block) => block.items)
  const took = minutesBetween(session.startedAt, session.endedAt)
  return (
    <>
      <FloorHead session={session} />
      <section className="mx-auto max-w-2xl py-6">
        <h1 className="text-4xl">Done for today</h1>
        {took !== null && (
          <p className="mt-1 text-lg">
            {counted(took, 'minute')}; planned were {session.minutes}
          </p>
        )}
        <HowHard session={session} />
        <ul className="mt-4">
          {items.map((item) => (
            <li key={item.id} className="flex justify-between gap-4 border-b border-base-300 py-2.5 text-lg">
              <span>
                <strong>{item.name}</strong>
                <span className="soft block text-sm">{item.words}</span>
              </span>
              <span className="text-right font-semibold">{doneWords(session, item)}</span>
            </li>
          ))}
        </ul>
        {session.next !== null && (
          <p className="mt-4 text-lg">
            Next: {longDay(session.next.startsAt)} at {timeOfDay(session.next.startsAt)}, {session.next.name}
          </p>
        )}
        <MessageLine />
        <div className="mt-5 flex flex-wrap gap-3">
          <a
            href={`/clients/${session.clientId}/${session.isStart ? 'start' : 'ledger'}`}
            className="btn btn-primary btn-lg"
          >
            {session.isStart ? 'See what was found out' : 'See it in the Ledger'}
          </a>
          <button
            type="button"
            className="btn btn-outline btn-lg"
            onClick={() => {
              navigator.clipboard
                .writeText(summary(session))
                .then(() => say('Copied: paste it into a message to the client'))
                .catch(() => say('This browser does not let pages copy'))
            }}
          >
            <Copy className="size-5" aria-hidden="true" /> Copy for the client
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-lg"
            onClick={() => happen(eventOf(session, 'resumed', Date.now()))}
          >
            Go on with the session
          </button>
        </div>
      </section>
    </>
  )
}
