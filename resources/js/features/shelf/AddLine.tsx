import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { toast } from 'sonner'
import { ApiError } from '../../shared/api'
import { counted } from '../../shared/lib/counts'
import { useKept } from '../../shared/lib/useKept'
import { useSettled } from '../../shared/lib/useSettled'
import { Field, FormProblem } from '../../shared/ui'
import { entryOf, valueOf } from './entry'
import { Implement } from './Implement'
import { lineOptions, useAddToShelf } from './queries'
import { ThingFields } from './ThingFields'

const examples = [
  '2 x 6 kg dumbbells',
  'red tube 120 cm',
  '12 L bucket of sand',
  'adjustable pair, 4 x 1.25 + 4 x 2.5, bar 2 kg',
]

/** A thing for the shelf: typed as a line in plain words, shown as it was understood, corrected where it was not. */
export function AddLine({ clientId }: { clientId: number }) {
  const [line, setLine] = useKept(`shelf-line-${clientId}`, '')
  const [corrected, setCorrected] = useKept<Record<string, string>>(`shelf-entry-${clientId}`, {})
  // Lines that were pasted together wait here and come one after the other.
  const [waiting, setWaiting] = useKept<string[]>(`shelf-lines-${clientId}`, [])
  const input = useRef<HTMLInputElement>(null)
  const settled = useSettled(line, 250)
  const reading = useQuery(lineOptions(clientId, settled))
  const add = useAddToShelf(clientId)
  const queries = useQueryClient()
  const error = add.error instanceof ApiError ? add.error : null
  const parsed = line.trim() === '' ? undefined : reading.data
  const value = (name: string) => valueOf(name, corrected, parsed)
  const isRefused = parsed?.refused != null
  const take = (text: string) => {
    setLine(text)
    setCorrected({})
    // What was wrong with the line before is not wrong with this one.
    add.reset()
  }
  const next = () => {
    take(waiting[0] ?? '')
    setWaiting(waiting.slice(1))
    input.current?.focus()
  }
  const paste = (text: string): boolean => {
    const lines = text
      .split(/\r?\n/)
      .map((one) => one.replace(/^[\s•*–-]+/, '').trim())
      .filter((one) => one !== '')
    if (lines.length < 2) return false
    take(lines[0] ?? '')
    setWaiting([...lines.slice(1), ...waiting])
    return true
  }
  /** Enter may be quicker than the reading of the line: what is put there is always what this line says. */
  const put = async () => {
    const read =
      line.trim() === '' ? undefined : await queries.ensureQueryData(lineOptions(clientId, line)).catch(() => parsed)
    if (read?.refused != null) return
    add.mutate(entryOf(line, corrected, read), {
      onSuccess: (thing) => {
        toast.success(`${thing.name} is on the shelf`)
        next()
      },
    })
  }
  return (
    <form
      className="paper grid gap-2 p-5"
      noValidate
      aria-label="Put something on the shelf"
      onSubmit={(event) => {
        event.preventDefault()
        void put()
      }}
    >
      <h2 className="text-xl">Put something on the shelf</h2>
      <Field
        label="In plain words"
        hint={line === '' ? `As in “${examples.slice(1).join('”, “')}”. A whole list can be pasted.` : undefined}
        error={error?.about('line') ?? parsed?.refused ?? undefined}
      >
        {(attributes) => (
          <input
            {...attributes}
            ref={input}
            type="text"
            className="input w-full"
            placeholder={examples[0]}
            value={line}
            onChange={(event) => take(event.target.value)}
            onPaste={(event) => {
              if (paste(event.clipboardData.getData('text'))) event.preventDefault()
            }}
          />
        )}
      </Field>
      {waiting.length > 0 && (
        <div className="flex flex-wrap items-center gap-2 text-sm" role="status">
          <span className="grow">
            {counted(waiting.length, 'line')} to come; next: {waiting[0]}
          </span>
          <button type="button" className="btn btn-xs btn-outline" onClick={next}>
            Pass this one over
          </button>
          <button type="button" className="btn btn-xs btn-ghost" onClick={() => setWaiting([])}>
            Forget the rest
          </button>
        </div>
      )}
      {parsed && (
        <div className="flex items-end gap-3 border-b-4 border-base-content pb-0" role="status" aria-label="Understood">
          {parsed.kind !== null && <Implement kind={parsed.kind} size={0.6} grip={parsed.fields.grip} />}
          <ul className="flex min-w-0 grow flex-wrap gap-1.5 pb-2">
            {parsed.understood.map((piece) => (
              <li key={piece.text} className="tag">
                <strong>{piece.text}</strong> {piece.means}
              </li>
            ))}
            {(isRefused ? [] : parsed.unknown).map((word) => (
              <li key={word} className="tag look-here">
                {word}: not understood
              </li>
            ))}
          </ul>
        </div>
      )}
      {parsed?.assumed.map((assumption) => (
        <p key={assumption} className="soft text-sm">
          {assumption}
        </p>
      ))}
      {reading.isError && line !== '' && (
        <p role="alert" className="text-sm font-semibold text-error">
          The line cannot be read just now: {reading.error.message} It stays here; the fields below work all the same.
        </p>
      )}
      {!isRefused && (
        <ThingFields
          value={value}
          onChange={(name, text) => setCorrected({ ...corrected, [name]: text })}
          onMass={(mass) => setCorrected({ ...corrected, massKg: String(mass.massKg), certainty: mass.certainty })}
          error={error}
          missing={line.trim() === '' ? {} : (parsed?.missing ?? {})}
        />
      )}
      {error && error.status !== 422 && <FormProblem error={error} />}
      <button className="btn btn-primary" disabled={add.isPending || isRefused}>
        {add.isPending ? 'Putting it there…' : 'Put it on the shelf'}
      </button>
    </form>
  )
}
