import { useState } from 'react'
import type { LedgerPattern } from '../../shared/api'
import { counted, rangeOf, signed } from '../../shared/lib/counts'
import { CapacityPlot, RailLine } from '../../shared/plot'

/** One pattern: capacity over time, the shelf's rungs on one rail, and what to ask for next. */
export function PatternPanel({ pattern }: { pattern: LedgerPattern }) {
  const { rungs, next } = pattern
  const start = rungs.findIndex((rung) => rung.next) >= 0 ? rungs.findIndex((rung) => rung.next) : 0
  const [focused, setFocused] = useState<string>(String(start))
  const shown = rungs[Number(focused)]
  return (
    <section aria-label={pattern.name} className="space-y-6">
      <div className="grid gap-x-10 gap-y-4 lg:grid-cols-[1fr_1.3fr]">
        <div>
          <p className="soft">Can do once, on top of the body</p>
          <p className="leading-none">
            <span className="figure-number text-5xl">{signed(pattern.capacityKg)}</span>{' '}
            <span className="font-semibold">{pattern.unit}</span>
          </p>
          <p className="soft mt-1 text-sm">
            likely {rangeOf(pattern.lowKg, pattern.highKg)}; widens with every day without a log
          </p>
          {next ? (
            <div className="next-target mt-5">
              <p className="soft text-sm">Next time</p>
              <p className="font-display text-2xl font-semibold">{counted(next.reps, 'repetition')}</p>
              <p className="font-semibold">{next.words}</p>
              <p className="mt-1">{next.why}</p>
            </div>
          ) : (
            <p className="mt-5">
              The shelf has nothing for the last exercise any more, so there is no next step to name.
            </p>
          )}
        </div>
        <CapacityPlot history={pattern.history} unit={pattern.unit} name={pattern.name} />
      </div>
      {rungs.length > 0 && (
        <div>
          <h2 className="soft text-base font-normal">The loads of the shelf for this lift</h2>
          <RailLine
            title={`Loads for ${pattern.name}`}
            unit={pattern.unit}
            zero={pattern.reference.toLowerCase()}
            focused={focused}
            onFocus={(key) => key !== null && setFocused(key)}
            rungs={rungs.map((rung, i) => ({
              key: String(i),
              kg: rung.kg,
              lowKg: rung.lowKg,
              highKg: rung.highKg,
              label: rung.label,
              ...(rung.next ? { mark: 'next' as const } : rung.current ? { mark: 'now' as const } : {}),
            }))}
          />
          {shown && (
            <p aria-live="polite" className="mt-1">
              <strong>
                {signed(shown.kg)} {pattern.unit}
              </strong>{' '}
              (likely {rangeOf(shown.lowKg, shown.highKg)}): {shown.name}, {shown.words}
            </p>
          )}
        </div>
      )}
    </section>
  )
}
