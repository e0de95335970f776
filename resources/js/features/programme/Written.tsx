import { useRef } from 'react'
import type { WrittenDoubt, WrittenLine } from '../../shared/api'
import { Field } from '../../shared/ui'

const example = `warm-up: arm circles, leg swings
goblet squat 3x10 12 kg
A: floor press / row 3x12 rest 60
plank as long as clean`

const sessionText = 'session'

/** Goes to the text, wherever it stands on its page. */
export const goToText = () => document.querySelector<HTMLElement>(`[data-text="${sessionText}"]`)?.focus()

/** Every question of a text, in its order. */
export const doubtsIn = (lines: WrittenLine[]) =>
  lines.flatMap((line) => line.doubts).toSorted((one, other) => one.from - other.from)

/** The text with an answer in the place of what was asked; places are counted in characters, not in halves of one. */
export const answered = (text: string, doubt: WrittenDoubt, choice: string) => {
  const characters = Array.from(text)
  return [...characters.slice(0, doubt.from), choice, ...characters.slice(doubt.to)].join('')
}

/** A session as trainers scribble it: a line is a block. What is asked is underlined; Alt and a number answers the first of it. */
export function SessionText({
  text,
  onChange,
  doubts,
  error,
}: {
  text: string
  onChange: (text: string) => void
  /** Of this very text; empty while it is still read. */
  doubts: WrittenDoubt[]
  error: string | undefined
}) {
  const behind = useRef<HTMLDivElement>(null)
  const answer = (event: React.KeyboardEvent) => {
    const place = event.altKey ? /^Digit([1-9])$/.exec(event.code)?.[1] : undefined
    const doubt = doubts.find((one) => one.choices.length > 0)
    const choice = place === undefined ? undefined : doubt?.choices[Number(place) - 1]
    if (doubt === undefined || choice === undefined) return
    event.preventDefault()
    onChange(answered(text, doubt, choice))
  }
  return (
    <Field
      label="The session, a line a block"
      error={error}
      hint="As you would scribble it: “goblet squat 3x10 12kg”, “A1 … A2 …”, “3 rounds: …”, “Mon: … Thu: …”."
    >
      {(attributes) => (
        <span className="scribble">
          <span ref={behind} className="scribble-marks" aria-hidden="true">
            <Marked text={text} doubts={doubts} />
          </span>
          <textarea
            {...attributes}
            data-text={sessionText}
            rows={Math.min(24, Math.max(7, text.split('\n').length + 1))}
            spellCheck={false}
            placeholder={example}
            className="textarea w-full text-base"
            value={text}
            onChange={(event) => onChange(event.target.value)}
            onKeyDown={answer}
            onScroll={(event) => {
              if (behind.current) behind.current.scrollTop = event.currentTarget.scrollTop
            }}
          />
        </span>
      )}
    </Field>
  )
}

/** The same letters behind the field, unseen, with a line under what is asked. */
function Marked({ text, doubts }: { text: string; doubts: WrittenDoubt[] }) {
  const characters = Array.from(text)
  return (
    <>
      {doubts.map((doubt, i) => (
        <span key={`${doubt.from} ${doubt.to}`}>
          {characters.slice(doubts[i - 1]?.to ?? 0, doubt.from).join('')}
          <mark>{characters.slice(Math.max(doubt.from, doubts[i - 1]?.to ?? 0), doubt.to).join('')}</mark>
        </span>
      ))}
      {characters.slice(doubts.at(-1)?.to ?? 0).join('')}
    </>
  )
}

/** What is taken for granted of several exercises: it is said once. */
const oftenTaken = (lines: WrittenLine[]) => {
  const all = lines.flatMap((line) => line.slots.flatMap((slot) => slot.assumed))
  return [...new Set(all.filter((words, i) => all.indexOf(words) !== i))]
}

const Assumed = ({ words }: { words: string[] }) =>
  words.length > 0 && <span className="soft block text-sm">Taken for granted: {words.join('; ')}</span>

/** How each line was read: what was understood, what is asked, what was left alone, and what the shelf offers instead. */
export function Reading({
  lines,
  onInstead,
  onAnswer,
}: {
  lines: WrittenLine[]
  onInstead: (text: string, instead: string) => void
  /** Null while the text has gone on since it was read. */
  onAnswer: ((doubt: WrittenDoubt, choice: string) => void) | null
}) {
  const open = doubtsIn(lines)
  const taken = oftenTaken(lines)
  const first = open.find((doubt) => doubt.choices.length > 0)
  return (
    <section aria-label="How it was read" aria-live="polite" className="mt-6 lg:mt-0">
      <h2 className="text-lg">How it was read</h2>
      {open.length > 0 && (
        <p className="next-target mt-1">
          {open.length === 1 ? 'One thing is asked' : `${open.length} things are asked`} before it can be kept.
          {first && (
            <span className="soft hidden sm:inline">
              {' '}
              <kbd className="kbd kbd-sm">Alt</kbd> + <kbd className="kbd kbd-sm">1</kbd> to{' '}
              <kbd className="kbd kbd-sm">{first.choices.length}</kbd> answers the first while you write.
            </span>
          )}
        </p>
      )}
      {taken.length > 0 && <p className="soft mt-1 text-sm">Where nothing is said: {taken.join('; ')}.</p>}
      <ol>
        {lines.map((line, i) => (
          <li key={i} className="border-b border-base-300 py-2">
            <p className="soft text-sm whitespace-pre-line">{line.text}</p>
            {line.kind !== '' && line.slots.length > 0 && (
              <p className="text-sm font-semibold">
                {line.kind}
                {line.rule !== '' && <span className="soft font-normal"> · {line.rule}</span>}
              </p>
            )}
            <ul>
              {line.slots
                .filter((slot) => slot.name !== null || slot.problem !== null)
                .map((slot, j) => (
                  <li key={j}>
                    {slot.name === null ? (
                      <span className="tag look-here">{slot.text}</span>
                    ) : (
                      <>
                        <strong>{slot.name}</strong>: {slot.short}
                        <span className="soft"> · {slot.words}</span>
                      </>
                    )}
                    {slot.name !== null && <Assumed words={slot.assumed.filter((words) => !taken.includes(words))} />}
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
            {line.doubts.map((doubt) => (
              <p key={`${doubt.from} ${doubt.to}`} className="mt-1 flex flex-wrap items-center gap-1">
                <span className="tag look-here">asked</span>
                <span className="mr-1">{doubt.question}</span>
                {doubt.choices.map((choice) => (
                  <button
                    key={choice}
                    type="button"
                    className="btn btn-outline btn-sm"
                    disabled={onAnswer === null}
                    onClick={() => onAnswer?.(doubt, choice)}
                  >
                    {choice}
                  </button>
                ))}
              </p>
            ))}
            {line.refused.map((why) => (
              <p key={why} className="text-sm">
                <span className="tag look-here">not so</span> {why}
              </p>
            ))}
            {line.left.length > 0 && (
              <p className="soft text-sm">Left alone: {line.left.map((words) => `“${words}”`).join(', ')}</p>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
