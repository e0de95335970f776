import { scaleLinear } from 'd3-scale'
import type { Belief } from '../../shared/api'

const known: Record<string, string> = {
  sets: 'from sets of its own',
  tests: 'from what you told',
  related: 'from what other movements say',
  norms: 'from people like them',
}

const width = 360

/** What was thought before as a thin line, what is thought now as a board over it. */
function Range({ belief, most }: { belief: Belief; most: number }) {
  const x = scaleLinear([0, most], [4, width - 4]).clamp(true)
  const { kg, lowKg, highKg, wasLowKg, wasHighKg } = belief
  return (
    <svg viewBox={`0 0 ${width} 22`} className="w-full" aria-hidden="true">
      <rect x={0} y={10} width={width} height={2} className="rail-board" />
      {wasLowKg !== null && wasHighKg !== null && (
        <g className="belief-was">
          <line x1={x(wasLowKg)} x2={x(wasHighKg)} y1={5} y2={5} />
          <line x1={x(wasLowKg)} x2={x(wasLowKg)} y1={2} y2={8} />
          <line x1={x(wasHighKg)} x2={x(wasHighKg)} y1={2} y2={8} />
        </g>
      )}
      <line x1={x(lowKg)} x2={x(highKg)} y1={11} y2={11} className="rail-spread" />
      <circle cx={x(kg)} cy={11} r={5} className="curve-dot-offered" />
    </svg>
  )
}

/** What can probably be lifted once in each movement, beyond the body itself, and what was thought before. */
export function Beliefs({ beliefs }: { beliefs: Belief[] }) {
  const most = Math.max(1, ...beliefs.flatMap(({ highKg, wasHighKg }) => [highKg, wasHighKg ?? 0]))
  const hasBefore = beliefs.some(({ wasLowKg }) => wasLowKg !== null)
  return (
    <section aria-label="What they can probably do">
      <h2 className="text-xl">What they can probably do</h2>
      <p className="soft mt-1">
        One repetition of each lift, beyond the body itself; likely range for eight in ten
        {hasBefore && ', and the thin line above it as it was before'}.
      </p>
      <ul className="mt-3">
        {beliefs.map((belief) => (
          <li
            key={belief.pattern}
            className="grid items-center gap-x-4 border-b border-base-300 py-2 sm:grid-cols-[13rem_1fr]"
          >
            <div className="leading-snug">
              <strong>{belief.name}</strong>
              <span className="soft block text-sm">
                {belief.reference}, {known[belief.from]}
              </span>
            </div>
            <div>
              <p className="leading-tight">
                <span className="figure-number text-2xl">{belief.kg}</span> {belief.unit}
                <span className="soft">
                  {' '}
                  ·{' '}
                  <span className="whitespace-nowrap">
                    likely {belief.lowKg}–{belief.highKg}
                  </span>
                  {belief.wasLowKg !== null && (
                    <span className="whitespace-nowrap">
                      , was {belief.wasLowKg}–{belief.wasHighKg}
                    </span>
                  )}
                </span>
              </p>
              <Range belief={belief} most={most} />
            </div>
          </li>
        ))}
      </ul>
    </section>
  )
}
