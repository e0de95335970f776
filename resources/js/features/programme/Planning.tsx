import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import { ApiError, type Programme, type Programmes } from '../../shared/api'
import { useKept } from '../../shared/lib/useKept'
import { useSettled } from '../../shared/lib/useSettled'
import { FormProblem } from '../../shared/ui'
import { FromCopies } from './Copies'
import { NotKept } from './NotKept'
import { firstWish, PlanForm, wishOf } from './PlanForm'
import { type Pinned, readingOptions, useKeep, usePropose } from './queries'
import { Shown } from './Shown'
import { hasVisits } from './states'
import { answered, doubtsIn, goToText, Reading, SessionText } from './Written'

export interface Again {
  programme: Programme
  pinned: Pinned[]
}

/** A new programme: planned, written in words, or taken from one there is. */
export function Planning({
  clientId,
  programmes,
  again,
  onDone,
}: {
  clientId: number
  programmes: Programmes
  /** An earlier one whose rest is planned again, with what stays of it. */
  again: Again | null
  onDone: (kept: Programme | null, isStarting: boolean) => void
}) {
  const [wish, setWish] = useState(() => (again ? wishOf(again.programme) : firstWish(programmes)))
  const [pinned, setPinned] = useState<Pinned[]>(again?.pinned ?? [])
  const [way, setWay] = useState<'plan' | 'write' | 'copy'>('plan')
  // A session written by hand is long: it waits until it is kept.
  const [typed, setTyped] = useKept(`session-text-${clientId}`, '')
  const settled = useSettled(typed, 400)
  const writes = way === 'write'
  const reading = useQuery(readingOptions(clientId, wish, writes ? settled : ''))
  const propose = usePropose(clientId)
  const keep = useKeep(clientId)
  const error = (writes ? reading.error : propose.error) ?? keep.error
  const proposal = writes ? (settled.trim() === '' ? undefined : reading.data) : propose.data
  const written = proposal?.written ?? []
  // What was refused was another text: it says nothing of this one, and takes the hand from nobody.
  const write = (text: string) => {
    keep.reset()
    setTyped(text)
  }
  // Places are those of the text that was read, and no other.
  const isReadNow = writes && settled === typed && !reading.isFetching
  const asked = { wish, pinned, text: writes ? typed : null }
  // Then it is kept first, and asked when the other one ends.
  const someRuns = programmes.all.some(({ state }) => hasVisits(state))
  const isFirst = useRef(again !== null)
  useEffect(() => {
    // What was asked for by choosing what stays is asked for at once.
    if (!isFirst.current) return
    isFirst.current = false
    propose.mutate(asked)
  })
  const done = (kept: Programme | null, isStarting: boolean) => {
    if (writes) setTyped('')
    onDone(kept, isStarting)
  }
  const plan = () => {
    keep.reset()
    if (!writes) propose.mutate(asked)
  }
  return (
    <>
      {!programmes.isOnRecord && (
        <p className="next-target mb-4 flex flex-wrap items-center gap-x-3 gap-y-1">
          <span className="grow">
            <strong>Nothing is on record yet.</strong> A first session of about twelve minutes finds out what they can;
            planned without it, the first week begins lower.
          </span>
          <Link className="btn btn-accent btn-sm" to={`/clients/${clientId}/start`}>
            Find the start
          </Link>
        </p>
      )}
      <div role="radiogroup" aria-label="Way in" className="mb-3 flex flex-wrap gap-1">
        {(
          [
            ['plan', 'Plan it for me'],
            ['write', 'Write it'],
            ['copy', 'Copy one'],
          ] as const
        ).map(([id, name]) => (
          <label key={id} className="week-peg day-peg">
            <input type="radio" name="way" className="sr-only" checked={way === id} onChange={() => setWay(id)} />
            {name}
          </label>
        ))}
      </div>
      {way === 'copy' && <FromCopies clientId={clientId} />}
      <form
        className={way === 'copy' ? 'hidden' : ''}
        aria-label="Plan a programme"
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          plan()
        }}
      >
        <PlanForm
          programmes={programmes}
          wish={wish}
          onChange={setWish}
          error={error instanceof ApiError ? error : null}
        >
          {!writes && (
            <button className="btn btn-primary" disabled={propose.isPending || wish.days.length === 0}>
              {propose.isPending ? 'Planning…' : proposal ? 'Plan again' : 'Plan it for me'}
            </button>
          )}
          {programmes.shown && (
            <button type="button" className="btn btn-ghost ml-2" onClick={() => onDone(null, false)}>
              Back to what runs
            </button>
          )}
          {!writes && pinned.length > 0 && (
            <p className="mt-2 text-sm">
              {pinned.length === 1 ? 'One exercise stays' : `${pinned.length} exercises stay`} as chosen.{' '}
              <button type="button" className="link" onClick={() => setPinned([])}>
                Let all go
              </button>
            </p>
          )}
          <FormProblem error={error} />
          {propose.isPending && (
            <p role="status" className="mt-2 flex items-center gap-3">
              <span className="loading loading-dots loading-md text-primary" aria-hidden="true" />
              Trying loads, sets and days…
            </p>
          )}
        </PlanForm>
        {writes && (
          <div className="mt-4 lg:grid lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] lg:gap-6">
            <div className="lg:sticky lg:top-4 lg:self-start">
              <SessionText
                text={typed}
                onChange={write}
                doubts={isReadNow ? doubtsIn(written) : []}
                error={error instanceof ApiError ? error.about('text') : undefined}
              />
            </div>
            {written.length > 0 && (
              <Reading
                lines={written}
                onAnswer={
                  isReadNow
                    ? (doubt, choice) => {
                        write(answered(typed, doubt, choice))
                        goToText()
                      }
                    : null
                }
                onInstead={(text, instead) =>
                  write(typed.replace(new RegExp(text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'), 'i'), instead))
                }
              />
            )}
          </div>
        )}
      </form>
      {way !== 'copy' && proposal && proposal.weeks.some((week) => week.sessions.length > 0) && (
        <Shown programme={proposal} pins={writes ? null : { pinned, onPin: setPinned }} takesFocus={!writes}>
          <button
            type="button"
            className="btn btn-outline"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ ...asked, start: false }, { onSuccess: (kept) => done(kept, false) })}
          >
            Keep as a draft
          </button>
          <button
            type="button"
            className="btn btn-primary"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ ...asked, start: !someRuns }, { onSuccess: (kept) => done(kept, true) })}
          >
            {keep.isPending ? 'Writing it down…' : 'Start it'}
          </button>
          {keep.error !== null && <NotKept error={keep.error} onGo={writes ? goToText : null} />}
        </Shown>
      )}
    </>
  )
}
