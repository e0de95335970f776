import { useQuery } from '@tanstack/react-query'
import { Command } from 'cmdk'
import { catalogueOptions } from '../catalogue'
import { visitedOptions } from '../clients'

interface JumpProps {
  open: boolean
  onClose: () => void
  onGo: (to: string) => void
}

/** Goes anywhere by typing a few letters. */
export function Jump({ open, onClose, onGo }: JumpProps) {
  const clients = useQuery({ ...visitedOptions, enabled: open })
  const catalogue = useQuery({ ...catalogueOptions, enabled: open })
  const go = (to: string) => {
    onClose()
    onGo(to)
  }
  return (
    <Command.Dialog
      open={open}
      onOpenChange={(now) => !now && onClose()}
      label="Jump to a place"
      overlayClassName="jump-overlay"
      contentClassName="jump"
    >
      <Command.Input placeholder="A client, a place or an exercise…" className="jump-input" />
      <Command.List className="max-h-80 overflow-auto p-2">
        <Command.Empty className="soft p-4">Nothing is called that.</Command.Empty>
        <Command.Group heading="Places">
          <Command.Item onSelect={() => go('/')}>Round</Command.Item>
          <Command.Item onSelect={() => go('/clients')}>Clients</Command.Item>
          <Command.Item onSelect={() => go('/catalogue')}>Catalogue</Command.Item>
          <Command.Item onSelect={() => go('/clients/new')}>A new client</Command.Item>
          <Command.Item onSelect={() => go('/settings')}>Settings</Command.Item>
        </Command.Group>
        {(clients.data ?? []).map((client) => (
          <Command.Group key={client.id} heading={client.name}>
            {[
              ['Person', ''],
              ['Health', '/health'],
              ['Limits and room', '/room'],
              ['Shelf', '/shelf'],
              ['Bench', '/bench'],
              ['Rail', '/rail'],
              ['Programme', '/programme'],
              ['Ledger', '/ledger'],
            ].map(([name, path]) => (
              <Command.Item
                key={path}
                value={`${client.name} ${name}`}
                onSelect={() => go(`/clients/${client.id}${path ?? ''}`)}
              >
                {client.name} · {name}
              </Command.Item>
            ))}
          </Command.Group>
        ))}
        <Command.Group heading="Exercises">
          {(catalogue.data?.exercises ?? []).map((exercise) => (
            <Command.Item
              key={exercise.id}
              value={exercise.name}
              keywords={exercise.aliases}
              onSelect={() => go(`/catalogue/${exercise.id}`)}
            >
              {exercise.name}
            </Command.Item>
          ))}
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  )
}
