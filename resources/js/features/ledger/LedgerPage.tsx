import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { Empty, Loading, Problem } from '../../shared/ui'
import { PatternPanel } from './PatternPanel'
import { ledgerOptions } from './queries'
import { SetTable } from './SetTable'
import { SwapList } from './SwapList'

/** What was done, and what it says about capacity. */
export function LedgerPage() {
  const ledger = useQuery(ledgerOptions(Number(useParams().clientId)))
  const [picked, setPicked] = useState<string | null>(null)
  if (ledger.isPending) return <Loading what="the ledger" />
  if (ledger.isError) return <Problem error={ledger.error} onRetry={() => void ledger.refetch()} />
  const { patterns, entries, swaps } = ledger.data
  if (entries.length === 0 && swaps.length === 0) {
    return (
      <Empty title="Nothing is logged yet">
        <p>Open the Floor for a session and log a set: repetitions, and how many more would have been clean.</p>
        <p>Three or four sets are enough for a first idea of capacity.</p>
      </Empty>
    )
  }
  const shown = patterns.find((pattern) => pattern.pattern === picked) ?? patterns[0]
  return (
    <>
      <div role="tablist" aria-label="Pattern" className="mb-6 flex flex-wrap gap-2">
        {patterns.map((pattern) => (
          <button
            key={pattern.pattern}
            role="tab"
            type="button"
            aria-selected={pattern === shown}
            onClick={() => setPicked(pattern.pattern)}
            className={`btn btn-sm ${pattern === shown ? 'btn-neutral' : 'btn-outline'}`}
          >
            {pattern.name}
          </button>
        ))}
      </div>
      {shown && <PatternPanel key={shown.pattern} pattern={shown} />}
      <h2 className="mb-3 mt-10 text-2xl">Swaps</h2>
      <SwapList swaps={swaps} />
      <h2 className="mb-3 mt-10 text-2xl">Sets</h2>
      <SetTable entries={entries} />
    </>
  )
}
