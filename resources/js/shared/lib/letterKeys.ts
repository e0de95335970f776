const keptAs = 'nimble-shelf-letter-keys'

/** Whether single letters, digits and signs act as keys; the choice stays on this device. */
export function areLettersKeys(): boolean {
  try {
    return localStorage.getItem(keptAs) !== 'off'
  } catch {
    return true
  }
}

export function setLettersKeys(areKeys: boolean): void {
  try {
    localStorage.setItem(keptAs, areKeys ? 'on' : 'off')
  } catch {
    // A forbidden store only means that a reload forgets.
  }
}
