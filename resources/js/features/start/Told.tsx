import { useQuery } from '@tanstack/react-query'
import { useRef } from 'react'
import { toast } from 'sonner'
import { ApiError, type Start, type ToldResult } from '../../shared/api'
import { briefDay } from '../../shared/lib/time'
import { useKept } from '../../shared/lib/useKept'
import { useSettled } from '../../shared/lib/useSettled'
import { Field, FormProblem } from '../../shared/ui'
import { toldOptions, usePutBack, useTakeBack, useTell } from './queries'

/** What a trainer knows already, typed as it is said, shown as it was understood before it is kept. */
function TellLine({ clientId }: { clientId: number }) {
  const [line, setLine] = useKept(`told-line-${clientId}`, '')
  const input = useRef<HTMLInputElement>(null)
  const settled = useSettled(line, 300)
  const reading = useQuery(toldOptions(clientId, settled))
  const tell = useTell(clientId)
  const error = tell.error instanceof ApiError ? tell.error : null
  const refused = settled === line && reading.error instanceof ApiError ? reading.error.about('line') : undefined
  const read = line.trim() === '' || refused !== undefined ? undefined : reading.data
  return (
    <form
      className="mt-3"
      noValidate
      aria-label="What they can do"
      onSubmit={(event) => {
        event.preventDefault()
        tell.mutate(line, {
          onSuccess: (told) => {
            toast.success(`Kept: ${told.exercise.toLowerCase()}, ${told.result}`)
            setLine('')
            input.current?.focus()
          },
        })
      }}
    >
      <Field
        label="As you would say it"
        hint={line === '' ? 'As in “eight push-ups”, “plank 40 s”, “14 chair stands in 30 s”.' : undefined}
        error={error?.about('line') ?? refused}
      >
        {(attributes) => (
          <input
            {...attributes}
            ref={input}
            type="text"
            className="input w-full"
            placeholder="rows 12 kg for ten"
            value={line}
            onChange={(event) => {
              setLine(event.target.value)
              tell.reset()
            }}
          />
        )}
      </Field>
      {read && (
        <p className="mt-1" role="status">
          <strong>{read.exercise}</strong>, {read.words}: {read.result}
        </p>
      )}
      {error && error.status !== 422 && <FormProblem error={error} />}
      <button className="btn btn-outline btn-sm mt-2" disabled={tell.isPending}>
        Keep it
      </button>
    </form>
  )
}

/** What was typed so far; each can be taken back. */
export function Told({ start }: { start: Start }) {
  const takeBack = useTakeBack(start.clientId)
  const putBack = usePutBack(start.clientId)
  const remove = (told: ToldResult) =>
    takeBack.mutate(told.id, {
      onSuccess: () =>
        toast(`“${told.line}” says nothing any more`, {
          action: { label: 'Put it back', onClick: () => putBack.mutate(told.id) },
        }),
      onError: (error) => toast.error(error.message),
    })
  return (
    <section className="paper p-5" aria-label="What you know already">
      <h2 className="text-xl">What you know already</h2>
      <p className="soft mt-1">A set seen elsewhere or an old test says as much as one of today.</p>
      {start.told.length > 0 && (
        <ul className="mt-3">
          {start.told.map((told) => (
            <li key={told.id} className="flex items-center gap-3 border-b border-base-300 py-2">
              <span className="grow leading-snug">
                <strong>{told.exercise}</strong>, {told.words}
                <span className="soft block text-sm">
                  {told.result}; told on {briefDay(told.toldOn)}
                </span>
              </span>
              <button
                type="button"
                className="btn btn-ghost btn-sm"
                aria-label={`Take back: ${told.line}`}
                onClick={() => remove(told)}
              >
                Take back
              </button>
            </li>
          ))}
        </ul>
      )}
      <TellLine clientId={start.clientId} />
    </section>
  )
}
