import { useQuery } from '@tanstack/react-query'
import { NavLink, Outlet, useLocation, useParams } from 'react-router'
import { Loading, PageTitle, Problem } from '../../shared/ui'
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
  const path = useLocation().pathname.replace(`/clients/${clientId}`, '').replace(/^\//, '')
  const place = path === '' ? 'Person' : places.find(([one]) => one === path)?.[1]
  if (client.isPending) return <Loading what="the client" />
  if (client.isError) return <Problem isPage error={client.error} onRetry={() => void client.refetch()} />
  return (
    <>
      <div className="ledge-thin flex flex-wrap items-end gap-x-8">
        <div className="pb-2">
          <PageTitle title={place === undefined ? null : `${place} · ${client.data.name}`} className="text-3xl">
            {client.data.name}
            {place !== undefined && <span className="sr-only"> · {place}</span>}
          </PageTitle>
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
