import { Trouble } from '../ui'

interface FormEndProps {
  entry: { problem: string | null; isSending: boolean; forget: () => void }
  /** What sending it does: "Keep these measures". */
  keep: string
  keeping?: string
  leave?: string
  /** Null where there is nothing to go back to. */
  onLeave: (() => void) | null
  isSmall?: boolean
}

/** What is wrong with a form as a whole, and the two ways out: it is kept, or what was entered is given up. */
export function FormEnd({ entry, keep, keeping = keep, leave = 'Not now', onLeave, isSmall = false }: FormEndProps) {
  const size = isSmall ? 'btn-sm' : ''
  return (
    <>
      <Trouble words={entry.problem} />
      <div className="flex gap-2 pt-2">
        <button className={`btn btn-primary ${size}`} disabled={entry.isSending}>
          {entry.isSending ? keeping : keep}
        </button>
        {onLeave !== null && (
          <button
            type="button"
            className={`btn btn-ghost ${size}`}
            onClick={() => {
              entry.forget()
              onLeave()
            }}
          >
            {leave}
          </button>
        )}
      </div>
    </>
  )
}
