import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { scaleLinear } from 'd3-scale'
import type { Addition, PatternCoverage } from '../../shared/api'
import { counted, jumpsInWords, signed } from '../../shared/lib/counts'
import { Loading, Problem } from '../../shared/ui'
import { coverageOptions, useAdditions } from './queries'

const WIDTH = 420

/** One pattern's loads on a line of their own, from the lightest to the heaviest, with what the client could lift once. */
function Span({ pattern }: { pattern: PatternCoverage }) {
  const values = [...pattern.rungsKg, ...(pattern.neededKg === null ? [] : [pattern.neededKg])]
  const x = scaleLinear([Math.min(0, ...values), Math.max(1, ...values)], [10, WIDTH - 10])
  return (
    <svg viewBox={`0 0 ${WIDTH} 30`} className="w-full" aria-hidden="true">
      <rect x={4} y={20} width={WIDTH - 8} height={3} className="rail-board" />
      <rect x={4} y={24} width={WIDTH - 8} height={2.5} className="rail-lip" />
      {pattern.gaps.map((gap) => (
        <line key={gap.fromKg} x1={x(gap.fromKg)} x2={x(gap.toKg)} y1={12} y2={12} className="coverage-gap" />
      ))}
      <path d={pattern.rungsKg.map((kg) => `M${x(kg).toFixed(1)} 5V20`).join('')} className="peg" />
      {pattern.neededKg !== null && <path d={`M${x(pattern.neededKg)} 20l-6 -12h12z`} className="coverage-need" />}
    </svg>
  )
}

function Row({ pattern }: { pattern: PatternCoverage }) {
  const trained = pattern.exercises > 0
  return (
    <li className="grid items-center gap-x-5 gap-y-1 border-b border-base-300 py-2 sm:grid-cols-[13rem_1fr_15rem]">
      <span>
        <strong>{pattern.name}</strong>
        <span className="soft block text-sm">
          {trained ? counted(pattern.exercises, 'exercise') : 'nothing here trains it'}
        </span>
      </span>
      {trained && pattern.rungsKg.length > 0 ? <Span pattern={pattern} /> : <span aria-hidden="true" />}
      <span className="text-sm">
        {!trained ? (
          <span className="tag look-here">missing</span>
        ) : pattern.lowKg === null || pattern.highKg === null ? (
          <span className="soft">no load to compare</span>
        ) : (
          <>
            <strong>
              {pattern.lowKg === pattern.highKg
                ? signed(pattern.lowKg)
                : `${signed(pattern.lowKg)} to ${signed(pattern.highKg)}`}
            </strong>{' '}
            {pattern.unit}
            <span className="soft block">
              {pattern.isBarely ? 'one load only' : jumpsInWords(pattern.gaps.map((gap) => gap.percent))}
            </span>
          </>
        )}
      </span>
    </li>
  )
}

const hows: Record<string, string> = { buy: 'Buy', fill: 'Fill', borrow: 'From the bag', find: 'Find in the home' }

/** Why a thing is worth having, in words. */
function worth({ opened, further, closed }: Addition): string {
  const parts = [
    opened.length > 0 && `makes ${opened.join(', ').toLowerCase()} possible, which nothing here trains`,
    further.length > 0 && `reaches further in ${further.join(', ').toLowerCase()}, where the shelf stops short`,
    closed > 0 && `fills ${counted(closed, 'jump')} of more than 15 %`,
  ].filter((part) => part !== false)
  const words = parts.join('; ')
  return words.charAt(0).toUpperCase() + words.slice(1)
}

/** Single things to buy, fill, borrow or find, the one that opens most first. */
function Additions({ clientId, count }: { clientId: number; count: number }) {
  const { done, failed, helpful } = useAdditions(clientId, count)
  const [isAll, setIsAll] = useState(false)
  if (failed?.error) return <Problem error={failed.error} onRetry={() => void failed.refetch()} />
  if (done < count) {
    return (
      <p className="soft mt-1">
        <label>
          Trying one thing after the other: {done} of {count}
          <progress className="progress mt-1 block w-64 progress-primary" value={done} max={count} />
        </label>
      </p>
    )
  }
  if (helpful.length === 0) {
    return <p className="soft mt-1">Nothing on the short list would add anything. The shelf is well stocked.</p>
  }
  return (
    <>
      <ol className="mt-1">
        {helpful.slice(0, isAll ? undefined : 1).map((addition) => (
          <li key={addition.words} className="border-b border-base-300 py-2">
            <strong>
              {hows[addition.how]}: {addition.words}
            </strong>
            <span className="block">{worth(addition)}.</span>
            <details className="soft text-sm">
              <summary className="cursor-pointer">Worth {addition.score}: how it is reckoned</summary>
              {addition.sum}
            </details>
          </li>
        ))}
      </ol>
      {!isAll && helpful.length > 1 && (
        <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => setIsAll(true)}>
          {counted(helpful.length - 1, 'more thing')} that would help
        </button>
      )}
    </>
  )
}

/** What the shelf can train, pattern by pattern, and which one thing would open most. */
export function CoveragePanel({ clientId }: { clientId: number }) {
  const coverage = useQuery(coverageOptions(clientId))
  if (coverage.isPending) return <Loading what="what the shelf covers" />
  if (coverage.isError) return <Problem error={coverage.error} onRetry={() => void coverage.refetch()} />
  const { patterns, missing, additions } = coverage.data
  return (
    <section aria-label="Coverage">
      <h2 className="text-xl">Coverage</h2>
      {missing.length > 0 && (
        <p className="caution caution-look mt-3">
          <span>
            <strong>The shelf cannot train: {missing.join(', ').toLowerCase()}.</strong> Those exercises have no swap
            until something is added.
          </span>
        </p>
      )}
      <h3 className="mt-5 text-lg">One thing that would open most</h3>
      <Additions clientId={clientId} count={additions} />
      <details className="mt-6">
        <summary className="cursor-pointer">
          <h3 className="inline text-lg">Every pattern, with its loads</h3>
        </summary>
        <p className="soft text-sm">
          Each mark is a load that can be told apart, in kilograms of the pattern’s reference lift; the thick line is a
          jump above 15 %; the triangle is what the client could lift once, by their sets or, before any, by what people
          like them can.
        </p>
        <ul className="mt-2">
          {patterns.map((pattern) => (
            <Row key={pattern.id} pattern={pattern} />
          ))}
        </ul>
      </details>
    </section>
  )
}
