import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { briefDay, timeOfDay } from '../../shared/lib/time'
import { Empty, Limits, Loading, PageTitle, Problem } from '../../shared/ui'
import { listed, type Asked, type Order } from './listed'
import { clientsOptions, useArchive } from './queries'

const orders: [Order, string][] = [
  ['name', 'by name'],
  ['visit', 'by the next visit'],
  ['shelf', 'emptiest shelf first'],
]

/** Everybody who is visited, searched and put in order; who was put away is a touch away. */
export function ClientList() {
  const clients = useQuery(clientsOptions)
  const archive = useArchive()
  const [params, setParams] = useSearchParams()
  if (clients.isPending) return <Loading what="your clients" />
  if (clients.isError) return <Problem isPage error={clients.error} onRetry={() => void clients.refetch()} />
  const asked: Asked = {
    text: params.get('q') ?? '',
    order: orders.find(([id]) => id === params.get('order'))?.[0] ?? 'name',
    archived: params.has('away'),
  }
  const ask = (change: Partial<Asked>) => {
    const { text, order, archived } = { ...asked, ...change }
    setParams(
      new URLSearchParams([
        ...(text === '' ? [] : [['q', text]]),
        ...(order === 'name' ? [] : [['order', order]]),
        ...(archived ? [['away', '']] : []),
      ]),
      { replace: true },
    )
  }
  const found = listed(clients.data, asked)
  const away = clients.data.filter((client) => client.isArchived).length
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <PageTitle title="Clients" className="text-4xl">
          Clients
        </PageTitle>
        <Link to="/clients/new" className="btn btn-primary btn-sm">
          A new client
        </Link>
        {clients.data.length > 0 && (
          <>
            <label className="max-sm:w-full sm:ml-auto">
              <span className="sr-only">Search the clients</span>
              <input
                type="search"
                className="input input-sm w-full sm:w-64"
                placeholder="Name, trade, goal or limit"
                // The field keeps what is typed: whoever types quicker than the address follows loses no letter.
                defaultValue={asked.text}
                onChange={(event) => ask({ text: event.target.value })}
              />
            </label>
            <label className="flex items-center gap-2 text-sm">
              Order
              <select
                className="select select-sm w-auto"
                value={asked.order}
                onChange={(event) => ask({ order: event.target.value as Order })}
              >
                {orders.map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            {(away > 0 || asked.archived) && (
              <button
                type="button"
                className="btn btn-sm btn-ghost"
                aria-pressed={asked.archived}
                onClick={() => ask({ archived: !asked.archived })}
              >
                {asked.archived ? 'Those who are visited' : `Put away (${away})`}
              </button>
            )}
          </>
        )}
      </div>
      {clients.data.length === 0 ? (
        <Empty title="Nobody yet">
          <p>Clients appear here with their shelf, their limits and their next visit.</p>
        </Empty>
      ) : found.length === 0 ? (
        <Empty title={asked.archived ? 'Nobody is put away' : 'Nobody answers to that'}>
          <button type="button" className="btn btn-primary" onClick={() => setParams({}, { replace: true })}>
            Show everybody who is visited
          </button>
        </Empty>
      ) : (
        <ul className="mt-6">
          {found.map((client) => (
            <li key={client.id} className="border-b-2 border-base-300">
              <Link
                to={`/clients/${client.id}`}
                className="grid gap-x-6 gap-y-1 rounded-md px-2 py-4 hover:bg-base-200 sm:grid-cols-[1fr_1fr_auto]"
              >
                <span>
                  <span className="font-display text-2xl font-semibold">{client.name}</span>
                  <span className="soft block">
                    {client.trade}
                    {client.isDemo && <span className="tag ml-2">nobody real</span>}
                  </span>
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
              {client.isArchived && (
                <button
                  type="button"
                  className="btn btn-sm btn-outline mb-3 ml-2"
                  disabled={archive.isPending}
                  onClick={() => archive.mutate({ clientId: client.id, away: false })}
                >
                  Bring {client.name.split(' ')[0]} back
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  )
}
