import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import type { Session } from '../../shared/api'
import { minutesAndSeconds } from '../../shared/lib/time'
import { useNeverLost } from '../../shared/lib/useNeverLost'
import { useTitle } from '../../shared/lib/useTitle'
import { Loading, Problem } from '../../shared/ui'
import { AsOf } from './AsOf'
import { Before } from './Before'
import { useOutboxOwner } from './device/outbox'
import { Finished } from './later'
import { togetherOptions, useOwnOutbox, useSession } from './queries'
import { secondsUntilReady, whoseTurn, type Who } from './run/pair'
import { workedMs } from './run/run'
import { Running } from './Running'
import { useFloor, type Floor } from './useFloor'

interface One {
  session: Session
  floor: Floor
}

/** What somebody does now, in as few words as stand on a tab. */
function nowWords({ session, floor: { run, now } }: One): string {
  if (session.state === 'planned') return 'not begun'
  if (session.state === 'done') return 'done'
  if (run.phase === 'work') return `works ${minutesAndSeconds(Math.floor(workedMs(run, now) / 1000))}`
  if (run.phase === 'through') return 'through'
  const wait = secondsUntilReady(run, now)
  return wait > 0 ? `rests ${minutesAndSeconds(wait)}` : 'ready'
}

/** The two names, each with what they do now; whoever is touched is looked at. */
function Names({ pair, shown, onLook }: { pair: readonly [One, One]; shown: Who; onLook: (who: Who) => void }) {
  return (
    <div className="floor-names" role="group" aria-label="Who is looked at">
      {pair.map((one, who) => (
        <button
          key={one.session.id}
          type="button"
          aria-pressed={shown === who}
          className={`floor-person ${shown === who ? 'floor-person-on' : ''}`}
          onClick={() => onLook(who === 0 ? 0 : 1)}
        >
          <span className="font-display truncate text-lg font-semibold">{one.session.clientName}</span>
          <span className="figure-number">{nowWords(one)}</span>
        </button>
      ))}
    </div>
  )
}

/** What is in both hands, before the two begin. */
function Shared({ first, second }: { first: number; second: number }) {
  const together = useQuery(togetherOptions(first, second)).data
  if (together === undefined) return null
  return (
    <p className="mt-2 leading-snug">
      In turns about {together.minutes} min for both
      {together.waitMinutes > 0 && `, ${together.waitMinutes} of them waiting`}.
      {together.shared.length > 0 && ` Both use: ${together.shared.join(', ')}.`}
      {together.clashes.map((clash) => (
        <span key={clash} className="block">
          <span className="tag look-here">two set-ups</span> {clash}
        </span>
      ))}
    </p>
  )
}

function Pair({ sessions }: { sessions: readonly [Session, Session] }) {
  const floors = [useFloor(sessions[0]), useFloor(sessions[1])] as const
  const pair = [
    { session: sessions[0], floor: floors[0] },
    { session: sessions[1], floor: floors[1] },
  ] as const
  const [looked, setLooked] = useState<{ turn: Who; shown: Who }>({ turn: 0, shown: 0 })
  const areRunning = sessions.every((session) => session.state === 'running')
  const turn = areRunning ? whoseTurn([floors[0].run, floors[1].run], looked.shown) : looked.turn
  // Whoever’s turn it has become is looked at; until then whoever was touched.
  if (turn !== looked.turn) setLooked({ turn, shown: turn })
  const { shown } = looked
  const here = pair[shown]
  const look = (who: Who) => setLooked({ turn, shown: who })
  const names = <Names pair={pair} shown={shown} onLook={look} />
  if (here.session.state === 'running') {
    return <Running key={here.session.id} session={here.session} floor={here.floor} names={names} />
  }
  return (
    <>
      {names}
      {here.session.state === 'planned' && (
        <>
          <Shared first={sessions[0].id} second={sessions[1].id} />
          <Before key={here.session.id} session={here.session} />
        </>
      )}
      {here.session.state === 'done' && <Finished key={here.session.id} session={here.session} />}
    </>
  )
}

/** Two people who share one kit: one works while the other rests, each with loads and sets of their own. */
export function PairPage({ first, second }: { first: number; second: number }) {
  const page = useRef<HTMLElement>(null)
  useNeverLost(page)
  const me = useOwnOutbox()
  const owner = useOutboxOwner()
  const one = useSession(first)
  const two = useSession(second)
  useTitle(
    one.data !== undefined && two.data !== undefined
      ? `Floor · ${one.data.clientName} and ${two.data.clientName}`
      : 'Floor',
  )
  const error = one.error ?? two.error ?? (owner === null ? me.error : null)
  const sessions =
    owner !== null && one.data !== undefined && two.data !== undefined ? ([one.data, two.data] as const) : null
  return (
    <main ref={page} tabIndex={-1} className="floor outline-none">
      {sessions === null && error === null && <Loading what="both sessions" />}
      {sessions === null && error !== null && (
        <Problem error={error} onRetry={() => void Promise.all([one.refetch(), two.refetch()])} />
      )}
      {sessions !== null && <AsOf of={one.asked.data?.isKept === true ? one.asked : two.asked} />}
      {sessions !== null && <Pair sessions={sessions} />}
    </main>
  )
}
