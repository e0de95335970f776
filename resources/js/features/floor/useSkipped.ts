import { useState } from 'react'

/** Sets that are left out today; kept on this device until the tab closes. */
export function useSkipped(sessionId: number) {
  const keptAs = `nimble-shelf-skipped-${sessionId}`
  const [skipped, setSkipped] = useState<ReadonlySet<string>>(
    () => new Set<string>(JSON.parse(sessionStorage.getItem(keptAs) ?? '[]') as string[]),
  )
  const keep = (next: ReadonlySet<string>) => {
    sessionStorage.setItem(keptAs, JSON.stringify([...next]))
    setSkipped(next)
  }
  return {
    skipped,
    skip: (keys: string[]) => keep(new Set([...skipped, ...keys])),
    takeUp: (keys: string[]) => keep(new Set([...skipped].filter((key) => !keys.includes(key)))),
  }
}
