import { Check } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import type { ClientSummary } from '../../shared/api'
import { useDemoClient } from '../clients'

const keptAs = 'nimble-shelf-first-steps'

function arePutAway(): boolean {
  try {
    return localStorage.getItem(keptAs) === 'away'
  } catch {
    return false
  }
}

/** Somebody to try things on before anybody real is written down; taken away at a touch. */
function TryFirst({ demo }: { demo: ClientSummary | undefined }) {
  const change = useDemoClient()
  const isThere = demo !== undefined
  return (
    <p className="mt-4 border-t border-base-300 pt-3">
      {isThere
        ? `${demo.name} is nobody real: try anything on her, then `
        : 'Or look around first: a client who is nobody real, with a shelf, weeks and a visit today. '}
      <button
        type="button"
        className="btn btn-outline btn-sm"
        disabled={change.isPending}
        onClick={() => change.mutate(isThere)}
      >
        {change.isPending
          ? isThere
            ? 'Taking her away…'
            : 'Planning four weeks…'
          : isThere
            ? 'take her away'
            : 'Try a client'}
      </button>
    </p>
  )
}

/** The way from an empty desk to a first visit. Gone once it is walked, or for good at a touch. */
export function FirstSteps({ clients }: { clients: ClientSummary[] }) {
  const [isAway, setIsAway] = useState(arePutAway)
  const own = clients.filter((client) => !client.isDemo)
  const demo = clients.find((client) => client.isDemo)
  const first = own.length === 1 ? own[0] : undefined
  if (isAway || own.length > 1 || (first?.nextVisit ?? null) !== null) return null
  const at = first === undefined ? null : `/clients/${first.id}`
  const steps = [
    {
      isDone: first !== undefined,
      to: '/clients/new',
      link: 'Write down a first client',
      why: 'Height and body mass, because every sum uses them; then the health questions, because they go before all else.',
    },
    {
      isDone: first !== undefined && first.shelfCount > 0,
      to: at === null ? null : `${at}/shelf`,
      link: 'Fill the shelf',
      why: 'A line for each thing, as in “2 x 6 kg dumbbells”, or a whole list pasted.',
    },
    {
      isDone: false,
      to: at === null ? null : `${at}/programme`,
      link: 'Plan the weeks',
      why: 'From goal, days and shelf, with its proofs; or written by hand. Once it is started its visits stand here.',
    },
  ]
  const next = steps.findIndex((step) => !step.isDone)
  return (
    <section className="paper mt-6 max-w-3xl p-5" aria-labelledby="first-steps">
      <div className="flex items-baseline gap-4">
        <h2 id="first-steps" className="grow text-2xl">
          From here to a first visit
        </h2>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            setIsAway(true)
            try {
              localStorage.setItem(keptAs, 'away')
            } catch {
              // It comes back after a reload, no worse.
            }
          }}
        >
          I know the way
        </button>
      </div>
      <ol className="mt-3 space-y-3">
        {steps.map((step, index) => (
          <li key={step.link} className="flex gap-3">
            <span className="figure-number w-8 shrink-0 text-2xl leading-none">
              {step.isDone ? <Check className="size-6 text-primary" aria-label="Done" /> : index + 1}
            </span>
            <div>
              {step.to !== null && index === next ? (
                <Link to={step.to} className="btn btn-primary btn-sm">
                  {step.link}
                </Link>
              ) : (
                <p className="font-semibold">{step.link}</p>
              )}
              <p className="soft mt-1">{step.why}</p>
            </div>
          </li>
        ))}
      </ol>
      <TryFirst demo={demo} />
    </section>
  )
}
