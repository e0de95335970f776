import { useEffect, useRef } from 'react'
import { glossary } from '../../shared/lib/glossary'

const keys: [string, string][] = [
  ['/', 'Jump to a client or a place'],
  ['?', 'This list'],
  ['f', 'Catalogue: search'],
  ['1 – 9', 'Swap desk: choose that candidate for today'],
  ['↑ ↓', 'Swap desk: the next or previous one'],
  ['Enter', 'Swap desk: use it · Floor: begin, or the set is done'],
  ['s', 'Swap desk, in a session: use it for the next set only'],
  ['p', 'Swap desk: use it from here on · Bench: take the point'],
  ['u', 'Swap desk and Floor: undo'],
  ['← →', 'Rail: the next lighter or heavier setting'],
  ['+ − 0', 'Rail: closer, further away, everything'],
  ['0 – 5', 'Floor: repetitions left in reserve'],
  ['e h w', 'Floor: easier, harder, swap'],
  ['l o', 'Floor: later, leave out'],
  ['p x', 'Floor: pause, pain'],
  ['Space', 'Floor: as Enter'],
  ['Esc', 'Shut what is open'],
]

export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    if (open) dialog.current?.showModal()
    else dialog.current?.close()
  }, [open])
  return (
    <dialog ref={dialog} className="modal" onClose={onClose} aria-labelledby="key-list">
      <div className="modal-box max-w-lg">
        <h2 id="key-list" className="mb-4 text-2xl">
          Keys and words
        </h2>
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2">
          {keys.map(([key, what]) => (
            <div key={key} className="contents">
              <dt>
                <kbd className="key">{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
        <h3 className="mt-6 mb-3 text-xl">Words</h3>
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2">
          {Object.entries(glossary).map(([word, meaning]) => (
            <div key={word} className="contents">
              <dt className="font-semibold">{word}</dt>
              <dd>{meaning}</dd>
            </div>
          ))}
        </dl>
        <form method="dialog" className="modal-action">
          <button className="btn">Close</button>
        </form>
      </div>
      <form method="dialog" className="modal-backdrop">
        <button>Close</button>
      </form>
    </dialog>
  )
}
