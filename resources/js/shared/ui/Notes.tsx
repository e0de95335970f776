import { TriangleAlert } from 'lucide-react'

/** Cautions: always shown, never folded away. */
export function Cautions({ cautions }: { cautions: string[] }) {
  if (cautions.length === 0) return null
  return (
    <section aria-label="Cautions" className="caution">
      <TriangleAlert className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
      <ul className="space-y-1">
        {cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </section>
  )
}

export function Limits({ limits }: { limits: { id: string; label: string }[] }) {
  return (
    <>
      {limits.map((limit) => (
        <span key={limit.id} className="tag tag-limit">
          {limit.label}
        </span>
      ))}
    </>
  )
}
