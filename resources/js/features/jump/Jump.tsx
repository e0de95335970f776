import { useQuery } from '@tanstack/react-query'
import { Command } from 'cmdk'
import { useMemo, useState } from 'react'
import { clientInPath } from '../../shared/lib/places'
import { catalogueOptions } from '../catalogue'
import { visitedOptions } from '../clients'
import { roundOptions } from '../round'
import { entriesOf, found } from './entries'

interface JumpProps {
  open: boolean
  onClose: () => void
  onGo: (to: string) => void
  /** What is done where one stands, by its name; what is not offered here is not listed. */
  onDo?: Record<string, () => void>
}

/** Goes anywhere, and does what can be done from anywhere, by typing a few letters. */
export function Jump({ open, onClose, onGo, onDo = {} }: JumpProps) {
  const clients = useQuery({ ...visitedOptions, enabled: open })
  const catalogue = useQuery({ ...catalogueOptions, enabled: open })
  const today = useQuery({ ...roundOptions(''), enabled: open })
  const tomorrow = useQuery({ ...roundOptions(today.data?.tomorrow ?? ''), enabled: open && today.data !== undefined })
  const [typed, setTyped] = useState('')
  const here = clientInPath(location.pathname)
  const all = useMemo(
    () =>
      entriesOf({
        clients: clients.data ?? [],
        exercises: catalogue.data?.exercises ?? [],
        today: today.data,
        tomorrow: tomorrow.data,
        here,
      }),
    [clients.data, catalogue.data, today.data, tomorrow.data, here],
  )
  const offered = all.filter(({ to }) => !to.startsWith('!') || to.slice(1) in onDo)
  const groups = open ? found(offered, typed) : []
  const shut = () => {
    setTyped('')
    onClose()
  }
  const go = (to: string) => {
    shut()
    if (to.startsWith('!')) onDo[to.slice(1)]?.()
    else if (to.startsWith('/floor/')) location.assign(to)
    else onGo(to)
  }
  return (
    <Command.Dialog
      open={open}
      onOpenChange={(now) => !now && shut()}
      label="Jump to a place"
      overlayClassName="jump-overlay"
      contentClassName="jump"
      shouldFilter={false}
    >
      <Command.Input
        value={typed}
        onValueChange={setTyped}
        placeholder="A client, a session, an exercise or a thing to do…"
        className="jump-input"
      />
      <Command.List className="max-h-80 overflow-auto p-2">
        <Command.Empty className="soft p-4">Nothing is called that.</Command.Empty>
        {groups.map(({ group, entries }) => (
          <Command.Group key={group} heading={group}>
            {entries.map(({ key, name, note, to }) => (
              <Command.Item key={key} value={key} onSelect={() => go(to)}>
                {name}
                {note !== undefined && <span className="soft"> · {note}</span>}
              </Command.Item>
            ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command.Dialog>
  )
}
