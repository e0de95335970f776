import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { ExerciseRung, WeekSheet } from '../../../shared/api'
import { catalogueOptions } from '../../catalogue'
import { Grip } from './Grip'
import { type Edit, rungsOptions } from './queries'
import { searched } from '../../../shared/lib/search'

const shownAtOnce = 12

function Rung({
  exercise,
  name,
  rung,
  onAdd,
}: {
  exercise: string
  name: string
  rung: ExerciseRung
  onAdd: () => void
}) {
  return (
    <li className="flex items-baseline gap-2 py-0.5 text-sm">
      <Grip
        id={`rung/${exercise}/${rung.words}`}
        dragged={{ exercise, setting: rung.setting, name: `${name}, ${rung.words}` }}
      />
      <span className="figure-number w-16 shrink-0 text-right whitespace-nowrap">
        {rung.kg === null ? '' : `${rung.kg} kg`}
      </span>
      <button type="button" className="grow cursor-pointer text-left hover:underline" onClick={onAdd}>
        {rung.words}
      </button>
    </li>
  )
}

function Entry({
  entry,
  isOpen,
  onOpen,
  onAdd,
}: {
  entry: { id: string; name: string; patternName: string }
  isOpen: boolean
  onOpen: () => void
  onAdd: () => void
}) {
  return (
    <div className="flex items-baseline gap-2 py-1">
      <Grip id={`exercise/${entry.id}`} dragged={{ exercise: entry.id, name: entry.name }} />
      <button
        type="button"
        aria-expanded={isOpen}
        aria-label={`Loads of ${entry.name}`}
        className="grow cursor-pointer text-left"
        onClick={onOpen}
      >
        <strong>{entry.name}</strong> <span className="soft text-sm">{entry.patternName}</span>
      </button>
      <button type="button" className="btn btn-outline btn-xs" aria-label={`Add ${entry.name}`} onClick={onAdd}>
        Add
      </button>
    </div>
  )
}

interface SourceProps {
  sheet: WeekSheet
  weekday: number
  onWeekday: (weekday: number) => void
  onEdit: (edit: Edit) => unknown
}

/** The catalogue beside the week: an exercise, or one of its rungs on this shelf, is dragged or added. */
export function Source({ sheet, weekday, onWeekday, onEdit }: SourceProps) {
  const [typed, setTyped] = useState('')
  const [open, setOpen] = useState<string | null>(null)
  const catalogue = useQuery(catalogueOptions)
  const rungs = useQuery(rungsOptions(sheet.clientId, open))
  const found = searched(catalogue.data?.exercises ?? [], typed)
  return (
    <section aria-label="Catalogue">
      <div className="flex items-end gap-2">
        <label className="grow text-sm font-semibold">
          From the catalogue
          <input
            data-find
            className="input input-sm w-full font-normal"
            placeholder="name, muscle, kit"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </label>
        <label className="text-sm font-semibold">
          into
          <select
            className="select select-sm w-auto font-normal"
            value={weekday}
            onChange={(event) => onWeekday(Number(event.target.value))}
          >
            {sheet.sessions.map((session) => (
              <option key={session.weekday} value={session.weekday}>
                {session.day}
              </option>
            ))}
          </select>
        </label>
      </div>
      {typed.trim() !== '' && (
        <ul className="mt-1">
          {found.slice(0, shownAtOnce).map((entry) => (
            <li key={entry.id} className="border-b border-base-300">
              <Entry
                entry={entry}
                isOpen={open === entry.id}
                onOpen={() => setOpen(open === entry.id ? null : entry.id)}
                onAdd={() => onEdit({ kind: 'add', weekday, exercise: entry.id })}
              />
              {open === entry.id && (
                <ul className="max-h-72 overflow-y-auto pb-2">
                  {rungs.data?.exercise === entry.id ? (
                    <>
                      {rungs.data.rungs.map((rung) => (
                        <Rung
                          key={rung.words}
                          exercise={entry.id}
                          name={entry.name}
                          rung={rung}
                          onAdd={() => onEdit({ kind: 'add', weekday, exercise: entry.id, setting: rung.setting })}
                        />
                      ))}
                      {rungs.data.why !== null && <li className="text-sm">{rungs.data.why}</li>}
                    </>
                  ) : (
                    <li className="soft text-sm">
                      {rungs.isError ? 'The settings cannot be read just now.' : 'Looking on the shelf…'}
                    </li>
                  )}
                </ul>
              )}
            </li>
          ))}
          {found.length === 0 && <li className="soft py-1 text-sm">Nothing in the catalogue is called that.</li>}
          {found.length > shownAtOnce && (
            <li className="soft py-1 text-sm">{found.length - shownAtOnce} more; type another word.</li>
          )}
        </ul>
      )}
    </section>
  )
}
