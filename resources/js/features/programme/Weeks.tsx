import { useState } from 'react'
import { Link } from 'react-router'
import type { PlannedItem, PlannedSession, Programme } from '../../shared/api'
import { briefDay } from '../../shared/lib/time'
import { counted } from '../../shared/lib/counts'
import { useMedia } from '../../shared/lib/useMedia'
import { Term } from '../../shared/ui'
import { CopyForm } from './Copies'
import type { Pinned } from './queries'
import { commonReason } from './reasons'

interface Pins {
  pinned: Pinned[]
  onPin: (pinned: Pinned[]) => void
}

/** "30 Nov": the pegs have no room for more. */
const dayAndMonth = (iso: string) => briefDay(iso).split(' ').slice(1, 3).join(' ')

const isFrame = (kind: string) => kind === 'warm-up' || kind === 'cool-down'

/** The weeks as pegs on a board: one is looked at, a lighter one hangs lower. */
function WeekPegs({ programme, week, onWeek }: { programme: Programme; week: number; onWeek: (week: number) => void }) {
  return (
    <div className="weeks" role="radiogroup" aria-label="Week">
      {programme.weeks.map((one) => (
        <label key={one.number} className={`week-peg ${one.kind === 'deload' ? 'week-light' : ''}`}>
          <input
            type="radio"
            name="week"
            className="sr-only"
            checked={week === one.number}
            onChange={() => onWeek(one.number)}
            aria-label={`Week ${one.number}${one.kind === 'deload' ? ', lighter' : ''}`}
          />
          <span className="figure-number text-lg">{one.number}</span>
          <span className="soft text-xs">{one.kind === 'deload' ? 'lighter' : dayAndMonth(one.startsOn)}</span>
          {programme.state === 'running' && one.number === programme.week && (
            <span className="text-xs font-bold">now</span>
          )}
        </label>
      ))}
    </div>
  )
}

function Item({
  item,
  before,
  common,
  weekday,
  pins,
}: {
  item: PlannedItem
  before: PlannedItem | undefined
  common: string
  weekday: number
  pins: Pins | null
}) {
  const isKept = pins?.pinned.some((one) => one.weekday === weekday && one.exercise === item.exercise) ?? false
  const isNewRung = before !== undefined && before.words !== item.words
  return (
    <li className="grid grid-cols-[4.6rem_1fr] items-baseline gap-x-2 border-b border-base-300 py-1.5">
      <span className="figure-number text-lg whitespace-nowrap">{item.short}</span>
      <span>
        <strong>{item.name}</strong>
        {item.dose.includes('per side') && <span className="soft"> each side</span>}
        {isNewRung && <span className="tag look-here ml-2">new setting</span>}
        <span className="block text-sm">
          {item.words}
          <span className="soft">
            {' '}
            · {item.reserve} in reserve{item.restSeconds > 0 && ` · rest ${item.restSeconds}\u00a0s`}
            {item.equivalentKg !== null &&
              item.equivalentKg >= 0.5 &&
              !item.dose.includes(' s') &&
              ` · as ${item.equivalentKg} kg of the reference lift`}
          </span>
        </span>
        {item.why !== '' && item.why !== common && <span className="soft block text-sm">{item.why}</span>}
        {pins && (
          <label className="mt-0.5 flex w-fit cursor-pointer items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-primary checkbox-xs"
              checked={isKept}
              onChange={() =>
                pins.onPin(
                  isKept
                    ? pins.pinned.filter((one) => one.weekday !== weekday || one.exercise !== item.exercise)
                    : [...pins.pinned, { weekday, exercise: item.exercise, sets: item.sets }],
                )
              }
            />
            keep this when planning again
          </label>
        )}
      </span>
    </li>
  )
}

interface SessionProps {
  session: PlannedSession
  before: PlannedSession | undefined
  /** The reason that is said once for the whole week. */
  common: string
  pins: Pins | null
}

function SessionBody({ session, before, common, pins }: SessionProps) {
  const items = new Map((before?.blocks ?? []).flatMap((block) => block.items.map((item) => [item.thread, item])))
  const all = session.blocks
    .filter((block) => !isFrame(block.kind))
    .flatMap((block) => block.items)
    .map((item) => ({ weekday: session.weekday, exercise: item.exercise, sets: item.sets }))
  const isWholeKept = all.every(
    (item) => pins?.pinned.some((one) => one.weekday === item.weekday && one.exercise === item.exercise) ?? false,
  )
  return (
    <>
      {pins && (
        <label className="flex w-fit cursor-pointer items-center gap-2 pt-1 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-primary checkbox-xs"
            checked={isWholeKept}
            onChange={() =>
              pins.onPin([...pins.pinned.filter((one) => one.weekday !== session.weekday), ...(isWholeKept ? [] : all)])
            }
          />
          keep the whole day when planning again
        </label>
      )}
      <div className="time-meter" aria-hidden="true">
        <span style={{ width: `${Math.min(100, (100 * session.likelyMinutes) / session.minutes)}%` }} />
      </div>
      {session.blocks.map((block, i) =>
        isFrame(block.kind) ? (
          <p key={i} className="soft py-1.5 text-sm">
            <strong>{block.name}</strong>:{' '}
            {block.items.map((item) => `${item.name.toLowerCase()} ${item.dose}`).join(', ')}
          </p>
        ) : (
          <div key={i}>
            {block.kind !== 'straight' && (
              <p className="pt-2 text-sm font-semibold">
                {block.name}
                {block.rule !== '' && <span className="soft font-normal"> · {block.rule}</span>}
              </p>
            )}
            <ul className={block.kind === 'straight' ? '' : 'together'}>
              {block.items.map((item) => (
                <Item
                  key={item.thread}
                  item={item}
                  before={items.get(item.thread)}
                  common={common}
                  weekday={session.weekday}
                  pins={pins}
                />
              ))}
            </ul>
          </div>
        ),
      )}
    </>
  )
}

function SessionHead({ session }: { session: PlannedSession }) {
  return (
    <span className="ledge-thin flex flex-wrap items-baseline gap-x-3 pb-1">
      <h3 className="text-xl">{session.day}</h3>
      <span>
        {session.time} · {session.name}
      </span>
      <span className="grow text-right text-sm whitespace-nowrap">
        likely <strong>{session.likelyMinutes}</strong> of {session.minutes} min
      </span>
    </span>
  )
}

/** One day of the week; where there is little room it opens at a touch. */
function Session({ isFolded, isOpen, ...shown }: SessionProps & { isFolded: boolean; isOpen: boolean }) {
  const { session } = shown
  return (
    <section aria-label={session.day} className="min-w-0">
      {isFolded ? (
        <details open={isOpen}>
          <summary className="cursor-pointer list-none">
            <SessionHead session={session} />
          </summary>
          <SessionBody {...shown} />
        </details>
      ) : (
        <>
          <SessionHead session={session} />
          <SessionBody {...shown} />
        </>
      )}
    </section>
  )
}

/** Weeks across, sessions down: one week is read closely, the pegs lead to the others. */
export function Weeks({ programme, pins }: { programme: Programme; pins: Pins | null }) {
  const [chosen, setChosen] = useState(programme.week)
  const isNarrow = useMedia('(max-width: 40rem)')
  const week = programme.weeks.find((one) => one.number === chosen) ?? programme.weeks[0]
  if (!week) return null
  const before = programme.weeks.find((one) => one.number === week.number - 1)
  const isRunning = programme.state === 'running'
  const common = commonReason(week.sessions)
  return (
    <section aria-label="Weeks" className="min-w-0">
      <WeekPegs programme={programme} week={week.number} onWeek={setChosen} />
      <div className="mt-2 flex flex-wrap items-start justify-between gap-x-8 gap-y-2 lg:flex-nowrap">
        <div>
          <p role="status" className="soft text-sm">
            Week {week.number} of {programme.weeks.length}, from {briefDay(week.startsOn)}:{' '}
            {counted(week.sessions.length, 'session')}
            {week.kind === 'deload' && ', lighter on purpose'}
            {isRunning && week.number === programme.week && ', being done now'}
            {week.number > programme.week && '. What later weeks ask is a forecast'}
            {week.number < programme.week && '. As it was planned last; what was done is in the Ledger'}. Arrow keys
            walk through the weeks. Each line says sets × dose, setting, repetitions in{' '}
            <Term word="reserve">reserve</Term> and rest; a new setting is marked.
          </p>
          {common !== '' && (
            <p className="mt-1 text-sm">
              <strong>Where nothing else is said:</strong>{' '}
              {common.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase())}
            </p>
          )}
        </div>
        {programme.id !== null && programme.state !== 'ended' && (
          <Link
            to={`/clients/${programme.clientId}/programme/${programme.id}/week/${week.number}`}
            className="btn btn-outline btn-sm shrink-0"
          >
            Change this week
          </Link>
        )}
      </div>
      <div className={`mt-4 grid gap-x-8 gap-y-8 lg:grid-cols-2 ${week.sessions.length > 2 ? 'xl:grid-cols-3' : ''}`}>
        {week.sessions.map((session, at) => (
          <Session
            key={session.weekday}
            isFolded={isNarrow}
            isOpen={at === 0}
            common={common}
            session={session}
            before={before?.sessions.find((one) => one.weekday === session.weekday)}
            pins={week.number === 1 ? pins : null}
          />
        ))}
      </div>
      {programme.id !== null && <CopyForm programme={programme} week={week.number} />}
    </section>
  )
}
