import { useId, useState, type ReactNode } from 'react'
import { glossary, type Word } from '../lib/glossary'

/** A word with its explanation one keystroke away: Enter or a tap opens it, Escape or leaving closes it. */
export function Term({ word, children }: { word: Word; children: ReactNode }) {
  const [open, setOpen] = useState(false)
  const id = useId()
  return (
    <span className="relative inline-block">
      <button
        type="button"
        className="term"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
        onBlur={() => setOpen(false)}
        onKeyDown={(event) => event.key === 'Escape' && setOpen(false)}
      >
        {children}
      </button>
      <span id={id} role="note" className="term-note" hidden={!open}>
        {open && glossary[word]}
      </span>
    </span>
  )
}
