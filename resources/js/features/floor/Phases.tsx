import { ArrowDownUp, Droplet } from 'lucide-react'
import { Suspense } from 'react'
import type { Alternatives } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { minutesAndSeconds } from '../../shared/lib/time'
import { useWishes } from './device/wishes'
import { ToRate } from './later'
import { endsByClock, openSets, partAt, restLeftMs, workedMs, type Run } from './run/run'
import type { PlacedSet } from './run/sets'
import { clockWords, sideWords } from './said'
import type { Floor } from './useFloor'

/** What is put down, taken up or changed before a set, in words. */
function Changes({ set }: { set: PlacedSet }) {
  return (
    <ul className="floor-changes">
      {set.change.map((step) => (
        <li key={step.words} className="flex gap-2">
          <ArrowDownUp className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
          <span className="sentence">{step.words}</span>
        </li>
      ))}
    </ul>
  )
}

/** Somebody who is warm already, or has to go, leaves all of it in one tap. */
function LeaveFrame({ floor: { run, hands }, set: { block } }: { floor: Floor; set: PlacedSet }) {
  const left = openSets(run).filter((one) => one.block.id === block.id).length
  if (!block.isFrame || left < 2) return null
  return (
    <button type="button" className="btn btn-outline mt-3" onClick={() => hands.leaveBlockOut(block)}>
      Leave the {block.label} out, {counted(left, 'set')}
    </button>
  )
}

/** Before a set where no rest runs: what to make ready. */
export function UpNext({
  floor,
  set,
  alternatives,
}: {
  floor: Floor
  set: PlacedSet
  alternatives: Alternatives | null
}) {
  return (
    <section aria-label="Get ready" className="floor-panel">
      <h2 className="text-2xl">Get ready</h2>
      {set.announce !== null && <p className="floor-rule mt-1">{set.announce}</p>}
      <Changes set={set} />
      <LeaveFrame floor={floor} set={set} />
      <Suspense fallback={null}>
        <ToRate floor={floor} alternatives={alternatives} />
      </Suspense>
    </section>
  )
}

/** The rest as it runs down: what comes next stands beside it. */
export function Rest({
  floor,
  set,
  alternatives,
}: {
  floor: Floor
  set: PlacedSet
  alternatives: Alternatives | null
}) {
  const { run, now } = floor
  const left = restLeftMs(run, now) / 1000
  const isOver = left <= 0
  const total = Math.max(1, run.restSeconds)
  return (
    <section aria-label="Rest" className="floor-panel text-center">
      <div className="floor-rest">
        <div>
          <p className="font-semibold">
            {run.pausedAt !== null ? 'Held' : isOver ? 'Rest is over' : 'Rest'}
            <span className="soft font-normal">
              {' '}
              <Droplet className="inline size-4" aria-hidden="true" /> water
            </span>
          </p>
          <p role="timer" className="figure-number floor-count">
            {isOver ? `+${minutesAndSeconds(-left)}` : minutesAndSeconds(left)}
          </p>
        </div>
      </div>
      <div className="mx-auto mt-1 h-2 rounded-full bg-base-300" aria-hidden="true">
        <div
          className="h-full rounded-full bg-primary"
          style={{ width: `${Math.min(100, Math.max(0, (100 * left) / total))}%` }}
        />
      </div>
      <div className="text-left">
        <Suspense fallback={null}>
          <ToRate floor={floor} alternatives={alternatives} />
        </Suspense>
        {set.announce !== null && <p className="floor-rule mt-2">{set.announce}</p>}
        <Changes set={set} />
        <LeaveFrame floor={floor} set={set} />
      </div>
    </section>
  )
}

/** What comes after this in the same go: the next layer, the other side. */
function comesNext(run: Run, set: PlacedSet): string | null {
  const next = run.sets[run.sets.indexOf(set) + 1]
  if (next === undefined || next.state !== 'open' || next.follows !== set.key) return null
  if (next.block.id !== set.block.id) return null
  if (set.block.kind === 'layered' && set.setNumber === next.setNumber) return `Then add: ${next.item.name}`
  if (next.itemId === set.itemId && next.side !== null && next.side !== set.side) return `Then the ${next.side} side`
  return null
}

/** The work: counted down, counted up, or counted by somebody. */
export function Work({
  floor,
  set,
  count,
  onTap,
}: {
  floor: Floor
  set: PlacedSet
  count: number
  onTap: (by: number) => void
}) {
  const { run, now } = floor
  const { counts } = useWishes()
  const worked = workedMs(run, now)
  const here = partAt(set, worked)
  if (here === null) return null
  const { part, index } = here
  const next = set.parts[index + 1]
  const after = comesNext(run, set)
  const isCounted = part.counting === 'repetitions'
  const left = 1000 * set.seconds - worked
  const best = set.item.bestSeconds
  return (
    <section aria-label="Work" className="floor-panel floor-work text-center">
      {run.pausedAt !== null && <p className="tag look-here">Held: Go on at the top</p>}
      {set.side !== null && <p className="floor-big sm:hidden">{sideWords[set.side]}</p>}
      {set.parts.length > 1 && (
        <p className="floor-big">{index === 0 ? part.words.replace(/^.*: \d+ s /, '') : part.announce}</p>
      )}
      {set.announce !== null && <p className="floor-rule">{set.announce}</p>}
      {isCounted ? (
        counts === 'at-end' ? (
          <>
            <p className="figure-number floor-count">
              {part.dose}
              <span className="floor-unit"> {part.dose === 1 ? 'repetition' : 'repetitions'}</span>
            </p>
            <p role="timer" className="floor-big soft">
              {minutesAndSeconds(Math.floor(worked / 1000))}
            </p>
          </>
        ) : (
          <>
            <button
              type="button"
              className="floor-tap"
              disabled={counts === 'clock'}
              onClick={() => onTap(1)}
              aria-label={
                counts === 'tap' ? `${counted(count, 'repetition')} counted; count one` : counted(count, 'repetition')
              }
            >
              <span className="figure-number floor-count">{count}</span>
              <span className="block text-xl">
                of {part.dose}
                {counts === 'tap' ? ' · tap for each' : ` · one every ${set.item.secondsEach} s`}
              </span>
            </button>
            {counts === 'tap' && (
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => onTap(-1)} disabled={count === 0}>
                One less
              </button>
            )}
          </>
        )
      ) : part.counting === 'up' ? (
        <>
          <p role="timer" className="figure-number floor-count">
            {clockWords(worked)}
          </p>
          <p className="text-lg">
            at most {counted(set.seconds, 'second')}
            {best !== null && (worked / 1000 > best ? ' · longer than ever' : ` · longest so far ${best} s`)}
          </p>
        </>
      ) : (
        <>
          <p role="timer" className="figure-number floor-count">
            {clockWords(left)}
          </p>
          {counts === 'tap' && !set.item.isHold && (
            <button type="button" className="floor-tap floor-tap-small" onClick={() => onTap(1)}>
              <span className="figure-number text-4xl">{count}</span> repetitions · tap for each
            </button>
          )}
        </>
      )}
      {!isCounted && (
        <div className="mt-2 h-3 rounded-full bg-base-300" aria-hidden="true">
          <div
            className="h-full rounded-full bg-primary"
            style={{ width: `${Math.min(100, Math.max(0, (100 * worked) / (1000 * set.seconds)))}%` }}
          />
        </div>
      )}
      {next !== undefined && (
        <p className="floor-rule mt-2">
          Then {next.announce?.replace(/^Now /, '')}, in {minutesAndSeconds((1000 * part.seconds - here.intoMs) / 1000)}
        </p>
      )}
      {after !== null && <p className="floor-rule mt-2">{after}</p>}
      {endsByClock(set) && <p className="soft mt-2">The bell ends it.</p>}
    </section>
  )
}
