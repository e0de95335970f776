import { useState } from 'react'

export interface Resting {
  /** Milliseconds since 1970. */
  endsAt: number
  totalSeconds: number
}

/** A rest that was over this long ago, milliseconds, is not taken up again. */
const forgottenAfterMs = 10 * 60 * 1000

function read(keptAs: string): Resting | null {
  try {
    const kept = JSON.parse(localStorage.getItem(keptAs) ?? 'null') as Resting | null
    return kept !== null && Date.now() - kept.endsAt < forgottenAfterMs ? kept : null
  } catch {
    return null
  }
}

/** The rest that runs now; it goes on while the page is left, reloaded or asleep. */
export function useRest(sessionId: number) {
  const keptAs = `nimble-shelf-rest-${sessionId}`
  const [rest, setRest] = useState(() => read(keptAs))
  const keep = (next: Resting | null) => {
    try {
      if (next === null) localStorage.removeItem(keptAs)
      else localStorage.setItem(keptAs, JSON.stringify(next))
    } catch {
      // Without storage the rest lives as long as the page.
    }
    setRest(next)
  }
  return {
    rest,
    begin: (seconds: number) => keep({ endsAt: Date.now() + 1000 * seconds, totalSeconds: seconds }),
    longer: (seconds: number) =>
      rest && keep({ endsAt: rest.endsAt + 1000 * seconds, totalSeconds: rest.totalSeconds + seconds }),
    end: () => keep(null),
  }
}
