import { useState } from 'react'
import { areLettersKeys, setLettersKeys } from '../../shared/lib/letterKeys'
import { Toggle } from '../../shared/ui'

/** Single letters as keys: quick for some, and in the way of whoever speaks to the device or types without looking. */
export function KeysChoice() {
  const [areKeys, setAreKeys] = useState(areLettersKeys)
  return (
    <section className="mt-10" aria-labelledby="letter-keys">
      <h2 id="letter-keys" className="text-xl">
        Keys
      </h2>
      <p className="soft mt-1 mb-2">
        Letters, digits and signs do things by themselves: <kbd className="key">/</kbd> jumps,{' '}
        <kbd className="key">u</kbd> takes back, <kbd className="key">?</kbd> lists them all. Enter, Space and arrows
        stay. Kept on this device.
      </p>
      <Toggle
        label="Single letters, digits and signs act as keys"
        checked={areKeys}
        onChange={(now) => {
          setLettersKeys(now)
          setAreKeys(now)
        }}
      />
    </section>
  )
}
