import type { WrittenLine } from '../../shared/api'
import { Field } from '../../shared/ui'

const example = `warm-up: arm circles, leg swings
goblet squat 3x10 12 kg
A: floor press / row 3x12 rest 60
plank as long as clean`

const sessionText = 'session'

/** Goes to the text, wherever it stands on its page. */
export const goToText = () => document.querySelector<HTMLElement>(`[data-text="${sessionText}"]`)?.focus()

/** A session as trainers scribble it: a line is a block. */
export function SessionText({
  text,
  onChange,
  error,
}: {
  text: string
  onChange: (text: string) => void
  error: string | undefined
}) {
  return (
    <Field
      label="The session, a line a block"
      error={error}
      hint="Sets × repetitions, seconds, loads, rest; “8 each side” or “3 rounds” on a line of its own speaks of the one before."
    >
      {(attributes) => (
        <textarea
          {...attributes}
          data-text={sessionText}
          rows={7}
          spellCheck={false}
          placeholder={example}
          className="textarea w-full text-base"
          value={text}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  )
}

/** How each line was read: what was understood, what was not, and what the shelf offers instead. */
export function Reading({
  lines,
  onInstead,
}: {
  lines: WrittenLine[]
  onInstead: (text: string, instead: string) => void
}) {
  return (
    <section aria-label="How it was read" aria-live="polite" className="mt-6">
      <h2 className="text-lg">How it was read</h2>
      <ol>
        {lines.map((line, i) => (
          <li key={i} className="border-b border-base-300 py-2">
            <p className="soft text-sm whitespace-pre-line">{line.text}</p>
            {line.kind !== '' && (
              <p className="text-sm font-semibold">
                {line.kind}
                {line.rule !== '' && <span className="soft font-normal"> · {line.rule}</span>}
              </p>
            )}
            <ul>
              {line.slots.map((slot, j) => (
                <li key={j}>
                  {slot.name === null ? (
                    <span className="tag look-here">{slot.text}</span>
                  ) : (
                    <>
                      <strong>{slot.name}</strong>: {slot.short}
                      <span className="soft"> · {slot.words}</span>
                    </>
                  )}
                  {slot.problem !== null && <span className="block text-sm">{slot.problem}</span>}
                  {slot.instead !== null && (
                    <span className="block text-sm">
                      This shelf offers instead: <strong>{slot.instead}</strong>, {slot.insteadWords}{' '}
                      <button
                        type="button"
                        className="btn btn-outline btn-xs"
                        onClick={() => onInstead(slot.text, (slot.instead ?? '').toLowerCase())}
                      >
                        Put it in
                      </button>
                    </span>
                  )}
                </li>
              ))}
            </ul>
            {line.unknown.length > 0 && (
              <p className="text-sm">
                <span className="tag look-here">not understood</span> {line.unknown.join(', ')}
              </p>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
