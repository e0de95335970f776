import { useState } from 'react'
import { useKeys } from '../../shared/lib/useKeys'
import { Jump, KeyList } from '../jump'

/** The list of keys and the jump to any place, here as everywhere. */
export function FloorKeys() {
  const [open, setOpen] = useState<'jump' | 'keys' | null>(null)
  useKeys({ '/': () => setOpen('jump'), '?': () => setOpen('keys') })
  const doable = { keys: () => setOpen('keys') }
  const shut = () => setOpen(null)
  return (
    <>
      <Jump open={open === 'jump'} onClose={shut} onGo={(to) => location.assign(to)} onDo={doable} />
      <KeyList open={open === 'keys'} onClose={shut} />
    </>
  )
}
