import type { Change } from './queries'

/** What waits to be sent: a change, or the last one taken back or made again. */
export type Waiting = Change | 'undo' | 'redo'

interface Listeners<Sheet> {
  /** How it stands after a change that was made. */
  onMade: (sheet: Sheet) => void
  /** A change that could not be made; awaited, so that what comes next is made on what stands then. */
  onRefused: (change: Waiting, error: unknown) => void | Promise<void>
  onBusy: (isBusy: boolean) => void
  /** Nothing waits any more. */
  onIdle: (hasChanged: boolean) => void
}

/**
 * Sends changes one at a time and in order, each on what the one before it came to. After a refusal what still waited is
 * let go: it was meant for what the refused one would have come to.
 */
export class EditQueue<Sheet> {
  readonly #send: (change: Waiting) => Promise<Sheet>
  readonly #on: Listeners<Sheet>
  #waiting: { change: Waiting; done: (isMade: boolean) => void }[] = []
  #isSending = false

  /** @param send  Sends one on the version that stands when it is its turn. */
  constructor(send: (change: Waiting) => Promise<Sheet>, on: Listeners<Sheet>) {
    this.#send = send
    this.#on = on
  }

  /** @returns True once it is made; false where it could not be. */
  push(change: Waiting): Promise<boolean> {
    return new Promise((done) => {
      this.#waiting.push({ change, done })
      void this.#run()
    })
  }

  async #run(): Promise<void> {
    if (this.#isSending) return
    this.#isSending = true
    this.#on.onBusy(true)
    let hasChanged = false
    for (let next = this.#waiting.shift(); next !== undefined; next = this.#waiting.shift()) {
      try {
        this.#on.onMade(await this.#send(next.change))
        hasChanged = true
        next.done(true)
      } catch (error) {
        const refused = [next, ...this.#waiting]
        this.#waiting = []
        for (const { done } of refused) done(false)
        await this.#on.onRefused(next.change, error)
      }
    }
    this.#isSending = false
    this.#on.onBusy(false)
    this.#on.onIdle(hasChanged)
  }
}
