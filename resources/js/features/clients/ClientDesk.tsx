import { useQuery } from '@tanstack/react-query'
import { NavLink, Outlet, useParams } from 'react-router'
import { Loading, Problem } from '../../shared/ui'
import { clientOptions } from './queries'

const places = [
  ['health', 'Health'],
  ['room', 'Limits and room'],
  ['shelf', 'Shelf'],
  ['bench', 'Bench'],
  ['rail', 'Rail'],
  ['programme', 'Programme'],
  ['ledger', 'Ledger'],
] as const

/** One client: name first, then the places that belong to them, standing on a thinner board. */
export function ClientDesk() {
  const clientId = Number(useParams().clientId)
  const client = useQuery(clientOptions(clientId))
  if (client.isPending) return <Loading what="the client" />
  if (client.isError) return <Problem error={client.error} onRetry={() => void client.refetch()} />
  return (
    <>
      <div className="ledge-thin flex flex-wrap items-end gap-x-8">
        <div className="pb-2">
          <h1 className="text-3xl">{client.data.name}</h1>
          <p className="soft">{client.data.trade}</p>
        </div>
        <nav aria-label={client.data.name} className="flex flex-wrap">
          <NavLink end to={`/clients/${clientId}`} className="stand">
            Person
          </NavLink>
          {places.map(([path, name]) => (
            <NavLink key={path} to={`/clients/${clientId}/${path}`} className="stand">
              {name}
            </NavLink>
          ))}
        </nav>
      </div>
      <div className="pt-6">
        <Outlet />
      </div>
    </>
  )
}
