import { dropAnswers } from './store'

const keptAs = 'nimble-shelf-last-trainer'

/** Who signed in last on this device: what it kept is theirs to see without a network. */
export function lastTrainer(): number | null {
  try {
    const kept = Number(localStorage.getItem(keptAs))
    return kept > 0 ? kept : null
  } catch {
    return null
  }
}

export function rememberTrainer(trainer: number): void {
  try {
    localStorage.setItem(keptAs, String(trainer))
  } catch {
    // Without storage nothing is there without a network.
  }
}

/** Whoever signs out leaves nothing to look at behind; what they have not sent stays, and stays theirs. */
export async function forgetTrainer(): Promise<void> {
  try {
    localStorage.removeItem(keptAs)
    await dropAnswers(-1, Infinity)
  } catch {
    // Nothing was kept where nothing can be.
  }
}
