/** Something to be said on the page that is opened next. */
export interface HandedOver {
  words: string
  /** What is deleted to take it back; null where nothing can be. */
  undo: string | null
}

const keptAs = 'nimble-shelf-handed-over'

export function handOver(said: HandedOver): void {
  try {
    sessionStorage.setItem(keptAs, JSON.stringify(said))
  } catch {
    // It is done all the same, and stands on the page.
  }
}

/** What the page before wanted to be said; once. */
export function handedOver(): HandedOver | null {
  try {
    const said = JSON.parse(sessionStorage.getItem(keptAs) ?? 'null') as HandedOver | null
    sessionStorage.removeItem(keptAs)
    return said
  } catch {
    return null
  }
}
