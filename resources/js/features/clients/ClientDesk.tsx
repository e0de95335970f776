import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { NavLink, Outlet, useLocation, useParams } from 'react-router'
import { Loading, PageTitle, Problem } from '../../shared/ui'
import { clientOptions } from './queries'

const places = [
  ['health', 'Health'],
  ['room', 'Limits and room'],
  ['shelf', 'Shelf'],
  ['bench', 'Bench'],
  ['rail', 'Rail'],
  ['start', 'Start'],
  ['programme', 'Programme'],
  ['ledger', 'Ledger'],
] as const

/** One client: name first, then the places that belong to them, standing on a thinner board. */
export function ClientDesk() {
  const clientId = Number(useParams().clientId)
  const client = useQuery(clientOptions(clientId))
  const path = useLocation().pathname.replace(`/clients/${clientId}`, '').replace(/^\//, '')
  const place = path === '' ? 'Person' : places.find(([one]) => one === path)?.[1]
  const row = useRef<HTMLElement>(null)
  const isThere = client.data !== undefined
  useEffect(() => {
    // On a narrow screen the places stand in one row that scrolls: the one that is open is in sight.
    row.current?.querySelector('[aria-current="page"]')?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [path, isThere])
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
        <nav
          ref={row}
          aria-label={client.data.name}
          className="-mx-4 flex max-w-[100vw] overflow-x-auto whitespace-nowrap px-4 sm:mx-0 sm:flex-wrap sm:overflow-visible sm:px-0"
        >
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
