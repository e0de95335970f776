/*
 * What is half-typed, until it is sent or given up: it survives going elsewhere, a reload and a sign-out. Nothing is shown
 * to another trainer: each draft is kept under whoever wrote it.
 */

const prefix = 'nimble-shelf-draft'

/** What must not lie on the device in plain words, such as health and notes, is kept in this window only. */
const here = new Map<string, unknown>()

const nameOf = (whose: number | string, draft: string) => `${prefix}/${whose}/${draft}`

export function keptDraft<T>(whose: number | string, draft: string): T | null {
  const name = nameOf(whose, draft)
  if (here.has(name)) return here.get(name) as T
  try {
    const kept = sessionStorage.getItem(name)
    return kept === null ? null : (JSON.parse(kept) as T)
  } catch {
    return null
  }
}

export function keepDraft(whose: number | string, draft: string, entered: unknown, isSecret = false): void {
  const name = nameOf(whose, draft)
  here.set(name, entered)
  if (isSecret) return
  try {
    sessionStorage.setItem(name, JSON.stringify(entered))
  } catch {
    // Without a store it survives going elsewhere, and not a reload.
  }
}

export function dropDraft(whose: number | string, draft: string): void {
  const name = nameOf(whose, draft)
  here.delete(name)
  try {
    sessionStorage.removeItem(name)
  } catch {
    // Nothing was kept there.
  }
}
