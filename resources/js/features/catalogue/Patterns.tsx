import { ChevronDown } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import type { CatalogueEntry } from '../../shared/api'
import { MovingFigure } from '../../shared/figure'

interface Group {
  value: string
  name: string
  entries: CatalogueEntry[]
}

/** True once an element is nearly on the screen: what nobody sees is not drawn. */
function useNear<T extends Element>(): [React.RefObject<T | null>, boolean] {
  const place = useRef<T>(null)
  const [isNear, setIsNear] = useState(false)
  useEffect(() => {
    const element = place.current
    if (element === null || isNear) return
    const watcher = new IntersectionObserver(
      (seen) => {
        if (seen.some((one) => one.isIntersecting)) setIsNear(true)
      },
      { rootMargin: '600px 0px' },
    )
    watcher.observe(element)
    return () => watcher.disconnect()
  }, [isNear])
  return [place, isNear]
}

function Picture({ entry, isDrawn }: { entry: CatalogueEntry; isDrawn: boolean }) {
  return (
    <li>
      <Link to={`/catalogue/${entry.id}`} className="exercise-card">
        {isDrawn ? (
          <MovingFigure
            figure={entry.figure}
            phase={entry.figure.telling}
            ghost
            label={entry.name}
            className="h-36 w-full"
          />
        ) : (
          <span className="block h-36" />
        )}
        <span className="mt-2 block font-display font-semibold leading-tight">{entry.name}</span>
        <span className="soft block text-sm leading-tight">{entry.kit.slice(0, 3).join(', ')}</span>
      </Link>
    </li>
  )
}

function Pattern({ group, isOpen }: { group: Group; isOpen: boolean }) {
  const [place, isNear] = useNear<HTMLUListElement>()
  return (
    <details className="group open:col-span-full" open={isOpen} aria-label={group.name}>
      <summary className="ledge-thin flex cursor-pointer list-none items-baseline gap-2 pb-1">
        <h2 className="text-xl">{group.name}</h2>
        <span className="soft grow">{group.entries.length}</span>
        <ChevronDown className="size-5 self-center transition-transform group-open:rotate-180" aria-hidden="true" />
      </summary>
      <ul ref={place} className="mt-3 grid grid-cols-2 gap-x-3 gap-y-4 sm:grid-cols-3 md:grid-cols-4 lg:grid-cols-6">
        {group.entries.map((entry) => (
          <Picture key={entry.id} entry={entry} isDrawn={isNear} />
        ))}
      </ul>
    </details>
  )
}

/** So many exercises stand open before the rest is folded: no page without an end. */
const openAtOnce = { wide: 18, narrow: 8 }

/** The exercises by pattern: the first few are open, the others open at a touch; a search opens as much as fits. */
export function Patterns({ groups, isNarrowed }: { groups: Group[]; isNarrowed: boolean }) {
  const [isWide] = useState(() => window.matchMedia('(min-width: 40rem)').matches)
  const most = openAtOnce[isWide ? 'wide' : 'narrow']
  const before = groups.map((_, at) => groups.slice(0, at).reduce((sum, group) => sum + group.entries.length, 0))
  return (
    <div className="mt-7 grid gap-x-10 gap-y-4 sm:grid-cols-2">
      {groups.map((group, at) => {
        const isOpen =
          (at === 0 && (isWide || isNarrowed)) || (isNarrowed && (before[at] ?? 0) + group.entries.length <= most)
        return <Pattern key={`${group.value} ${isOpen}`} group={group} isOpen={isOpen} />
      })}
    </div>
  )
}
