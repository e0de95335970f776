import { useEffect, useRef } from 'react'
import type { Programme } from '../../shared/api'
import { Changes } from './Changes'
import { ForecastRails } from './ForecastRails'
import { Forward } from './Forward'
import { Checks, Proofs } from './Proofs'
import type { Pinned } from './queries'
import { states } from './states'
import { Weeks } from './Weeks'

/** One programme: its weeks, what follows from them, and its proofs. */
export function Shown({
  programme,
  pins,
  takesFocus = false,
  children,
}: {
  programme: Programme
  pins: { pinned: Pinned[]; onPin: (pinned: Pinned[]) => void } | null
  takesFocus?: boolean
  children?: React.ReactNode
}) {
  const title = useRef<HTMLHeadingElement>(null)
  const isProposed = programme.state === 'proposed'
  useEffect(() => {
    // What was asked for is where one goes on reading.
    if (takesFocus) title.current?.focus()
  }, [takesFocus, programme])
  return (
    <section aria-label={programme.name}>
      <div className={`flex flex-wrap items-end gap-x-4 gap-y-2 ${isProposed ? 'mt-8' : ''}`}>
        <div className="grow">
          <h2 ref={title} tabIndex={-1} className="text-2xl outline-none">
            {programme.name}
          </h2>
          <p className="soft">{states[programme.state]}</p>
        </div>
        {children}
      </div>
      <div className="mt-4">
        <Weeks programme={programme} pins={pins} />
      </div>
      <div className="mt-8 grid items-start gap-x-10 gap-y-8 lg:grid-cols-[1fr_21rem]">
        <div className="min-w-0">
          <Checks programme={programme} />
          {programme.id !== null && programme.weeks.length > 1 && (
            <ForecastRails programmeId={programme.id} now={programme.state === 'running' ? programme.week : null} />
          )}
          <Forward programme={programme} />
        </div>
        <div className="space-y-6">
          {programme.id !== null && <Changes clientId={programme.clientId} programmeId={programme.id} />}
          <Proofs programme={programme} />
        </div>
      </div>
    </section>
  )
}
