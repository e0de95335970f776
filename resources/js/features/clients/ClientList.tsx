import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { briefDay, timeOfDay } from '../../shared/lib/time'
import { Empty, Limits, Loading, PageTitle, Problem } from '../../shared/ui'
import { clientsOptions } from './queries'

export function ClientList() {
  const clients = useQuery(clientsOptions)
  if (clients.isPending) return <Loading what="your clients" />
  if (clients.isError) return <Problem error={clients.error} onRetry={() => void clients.refetch()} />
  return (
    <>
      <div className="flex flex-wrap items-center gap-6">
        <PageTitle title="Clients" className="text-4xl">
          Clients
        </PageTitle>
        <Link to="/clients/new" className="btn btn-primary btn-sm">
          A new client
        </Link>
      </div>
      {clients.data.length === 0 ? (
        <Empty title="Nobody yet">
          <p>Clients appear here with their shelf, their limits and their next visit.</p>
        </Empty>
      ) : (
        <ul className="mt-6">
          {clients.data.map((client) => (
            <li key={client.id} className="border-b-2 border-base-300">
              <Link
                to={`/clients/${client.id}`}
                className="grid gap-x-6 gap-y-1 rounded-md px-2 py-4 hover:bg-base-200 sm:grid-cols-[1fr_1fr_auto]"
              >
                <span>
                  <span className="font-display text-2xl font-semibold">{client.name}</span>
                  <span className="soft block">{client.trade}</span>
                </span>
                <span className="flex flex-wrap items-center gap-2">
                  <span className="tag">{client.goal}</span>
                  <Limits limits={client.limits} />
                </span>
                <span className="sm:text-right">
                  <span className="block">
                    <strong>{client.shelfCount}</strong> things on the shelf
                  </span>
                  <span className="soft">
                    {client.nextVisit === null
                      ? 'No visit planned'
                      : `Next: ${briefDay(client.nextVisit)}, ${timeOfDay(client.nextVisit)}`}
                  </span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}
