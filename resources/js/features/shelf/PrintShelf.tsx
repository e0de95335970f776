import { useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import { Link, useParams, useSearchParams } from 'react-router'
import { useTitle } from '../../shared/lib/useTitle'
import { Loading, Problem } from '../../shared/ui'
import { boards } from './kinds'
import { ordered, type Order } from './order'
import { shelfOptions } from './queries'

/** The shelf as a list on paper: what there is, what it weighs, what to look over, a box to tick. */
export function PrintShelf() {
  const clientId = Number(useParams().clientId)
  const order = (useSearchParams()[0].get('order') ?? 'written') as Order
  const shelf = useQuery(shelfOptions(clientId))
  useTitle(shelf.data === undefined ? 'A shelf on paper' : `Shelf on paper · ${shelf.data.clientName}`)
  if (shelf.isPending) return <Loading what="the shelf" />
  if (shelf.isError) return <Problem error={shelf.error} onRetry={() => void shelf.refetch()} />
  const { items, lentOut, clientName } = shelf.data
  return (
    <section aria-label="The shelf on paper" className="print-week">
      <div className="no-print mb-4 flex flex-wrap gap-2">
        <Link to={`/clients/${clientId}/shelf`} className="btn btn-ghost btn-sm -ml-3">
          <ArrowLeft className="size-4" aria-hidden="true" /> Back to the shelf
        </Link>
        <button type="button" className="btn btn-primary btn-sm" onClick={() => window.print()}>
          Print it
        </button>
      </div>
      <h2 className="text-2xl">The shelf of {clientName}</h2>
      <table className="print-table">
        <thead>
          <tr>
            <th scope="col">There</th>
            <th scope="col">How many</th>
            <th scope="col">Thing</th>
            <th scope="col">What is known</th>
            <th scope="col">How sure</th>
            <th scope="col">Mind</th>
          </tr>
        </thead>
        {boards.map((board) => {
          const here = ordered(
            items.filter((item) => board.kinds.includes(item.kind)),
            order,
          )
          return here.length === 0 ? null : (
            <tbody key={board.name}>
              <tr>
                <th scope="rowgroup" colSpan={6}>
                  {board.name}
                </th>
              </tr>
              {here.map((item) => (
                <tr key={item.id}>
                  <td>
                    <span className="print-box" aria-hidden="true" />
                  </td>
                  <td>{item.count}</td>
                  <th scope="row">{item.name}</th>
                  <td>{item.facts}</td>
                  <td>{item.certainty}</td>
                  <td>
                    {[
                      item.outOfService === null ? '' : `out of service: ${item.outOfService}`,
                      item.isInspectionDue ? 'look it over' : '',
                      item.lentBy === null ? '' : `belongs to ${item.lentBy}`,
                      item.servesNothingBecause ?? '',
                    ]
                      .filter((words) => words !== '')
                      .join('; ')}
                  </td>
                </tr>
              ))}
            </tbody>
          )
        })}
      </table>
      {lentOut.length > 0 && (
        <p className="mt-3 text-sm">
          <strong>Lent:</strong> {lentOut.map((thing) => `${thing.name} (with ${thing.to})`).join(', ')}
        </p>
      )}
      {items.length === 0 && <p className="mt-3">Nothing stands on it yet.</p>}
    </section>
  )
}
