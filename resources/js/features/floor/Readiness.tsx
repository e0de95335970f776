import { useState } from 'react'
import type { Session } from '../../shared/api'
import { usePanel } from '../../shared/lib/usePanel'
import { happen } from './device/outbox'
import { eventOf } from './run/events'

const sleeps: [string, string][] = [
  ['badly', 'Badly'],
  ['so-so', 'So-so'],
  ['well', 'Well'],
]
const degrees = ['none', 'a little', 'clearly', 'badly']

/** Digits of what was typed; null where there are none. */
const whole = (typed: string): number | null => (/^\d+$/.test(typed.trim()) ? Number(typed.trim()) : null)

/** How the client comes to the session: asked in half a minute, before anything is lifted. */
export function Readiness({ session, onClose }: { session: Session; onClose: () => void }) {
  const panel = usePanel<HTMLFormElement>()
  const [sleep, setSleep] = useState('')
  const [sore, setSore] = useState<Record<string, number>>({})
  const [pressure, setPressure] = useState({ systolic: '', diastolic: '' })
  const [note, setNote] = useState('')
  const [wrong, setWrong] = useState('')
  const upper = whole(pressure.systolic)
  const lower = whole(pressure.diastolic)
  const soreParts = session.parts.filter((part) => (sore[part.id] ?? 0) >= 2)

  const keep = () => {
    const isAsked = session.asksPressure || pressure.systolic !== '' || pressure.diastolic !== ''
    if (isAsked && (upper === null || lower === null)) {
      setWrong('Pressure: both numbers, in mmHg, as the cuff shows them.')
      return
    }
    if (upper !== null && lower !== null && (upper < 60 || upper > 260 || lower < 30 || lower >= upper)) {
      setWrong(
        'Pressure: the upper one lies between 60 and 260 mmHg, the lower one below it. These look swapped or mistyped.',
      )
      return
    }
    happen(
      eventOf(session, 'readiness', Date.now(), {
        ...(sleep === '' ? {} : { sleep }),
        soreness: Object.fromEntries(Object.entries(sore).filter(([, degree]) => degree > 0)),
        ...(upper === null || lower === null ? {} : { systolic: upper, diastolic: lower }),
        ...(note.trim() === '' ? {} : { note: note.trim() }),
      }),
    )
    onClose()
  }
  return (
    <form
      ref={panel}
      tabIndex={-1}
      noValidate
      aria-label="How are you today?"
      className="floor-panel"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <h2 className="text-2xl">How are you today?</h2>
      <fieldset className="mt-2">
        <legend className="mb-1 font-semibold">Slept</legend>
        <div className="grid grid-cols-3 gap-1.5">
          {sleeps.map(([value, words]) => (
            <button
              key={value}
              type="button"
              aria-pressed={sleep === value}
              className={`btn ${sleep === value ? 'btn-neutral' : 'btn-outline'}`}
              onClick={() => setSleep(value)}
            >
              {words}
            </button>
          ))}
        </div>
      </fieldset>
      <fieldset className="mt-3">
        <legend className="font-semibold">Sore?</legend>
        <div className="floor-sore">
          {session.parts.map((part) => {
            const degree = sore[part.id] ?? 0
            return (
              <button
                key={part.id}
                type="button"
                className={`floor-sore-part ${degree > 1 ? 'floor-sore-much' : degree === 1 ? 'floor-sore-some' : ''}`}
                aria-label={`${part.label}: ${degrees[degree]}, ${degree} of 3`}
                onClick={() => setSore({ ...sore, [part.id]: (degree + 1) % 4 })}
              >
                <span className="truncate">{part.label.replace(/^Sore /, '')}</span>
                <strong>{degree}</strong>
              </button>
            )
          })}
        </div>
        <p className="soft text-sm">Touch for more: 0 none, 1 a little, 2 clearly, 3 badly.</p>
      </fieldset>
      {session.asksPressure && (
        <fieldset className="mt-2">
          <legend className="font-semibold">Resting pressure, mmHg</legend>
          <div className="flex items-center gap-2">
            {(['systolic', 'diastolic'] as const).map((which) => (
              <input
                key={which}
                className="input w-24"
                inputMode="numeric"
                aria-label={which === 'systolic' ? 'Upper pressure, mmHg' : 'Lower pressure, mmHg'}
                placeholder={which === 'systolic' ? 'upper' : 'lower'}
                value={pressure[which]}
                onChange={(event) => setPressure({ ...pressure, [which]: event.target.value })}
              />
            ))}
            <span className="soft text-sm">
              From {session.stopSystolic}/{session.stopDiastolic} nobody trains.
            </span>
          </div>
        </fieldset>
      )}
      <label className="mt-2 block">
        <span className="mb-1 block font-semibold">Anything new?</span>
        <input
          className="input w-full"
          placeholder="a cold, a fall, another medicine…"
          maxLength={500}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </label>
      {wrong !== '' && (
        <p role="alert" className="mt-2 font-semibold text-error">
          {wrong}
        </p>
      )}
      {soreParts.length > 0 && (
        <p className="mt-2 leading-snug">
          <span className="tag look-here">sore</span> Work for{' '}
          {soreParts.map((part) => part.label.replace(/^Sore /, '')).join(' and ')} can wait:{' '}
          <a href={`/replan/${session.id}?for=sore&part=${soreParts[0]?.id}`} className="link">
            plan today anew
          </a>
        </p>
      )}
      {note.trim() !== '' && (
        <p className="mt-2 leading-snug">
          Unwell, hurt or on other medicine: ask a clinician before training; otherwise{' '}
          <a href={`/replan/${session.id}?for=less-time`} className="link">
            less today
          </a>
          .
        </p>
      )}
      {sleep === 'badly' && (
        <p className="mt-2 leading-snug">A bad night asks for fewer sets or longer rests, not for a harder day.</p>
      )}
      <div className="mt-3 flex gap-2">
        <button className="btn btn-primary grow">Keep it</button>
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          Not today
        </button>
      </div>
    </form>
  )
}
