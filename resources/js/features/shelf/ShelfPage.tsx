import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { toast } from 'sonner'
import { api, type ShelfItem } from '../../shared/api'
import { Empty, Loading, Problem } from '../../shared/ui'
import { AddLine } from './AddLine'
import { CoveragePanel } from './CoveragePanel'
import { Details } from './Details'
import { FillPanel } from './FillPanel'
import { Implement } from './Implement'
import { boards } from './kinds'
import { Lent } from './Lent'
import { ordered, orders, type Order } from './order'
import { shelfOptions, useTakeOffShelf } from './queries'

const gripOf = (item: ShelfItem) => (typeof item.measures.grip === 'string' ? item.measures.grip : undefined)

function Standing({ item, chosen, onChoose }: { item: ShelfItem; chosen: boolean; onChoose: () => void }) {
  return (
    <button
      type="button"
      onClick={onChoose}
      aria-pressed={chosen}
      className={`standing ${chosen ? 'standing-chosen' : ''} ${item.outOfService ? 'standing-out' : ''}`}
    >
      <span className="standing-board">
        {Array.from({ length: Math.min(2, item.count) }, (_, i) => (
          <Implement key={i} kind={item.kind} size={item.size} grip={gripOf(item)} className={i > 0 ? '-ml-5' : ''} />
        ))}
      </span>
      <span className="block px-2 pt-2 text-center leading-snug">
        <strong>
          {item.count > 1 && `${item.count} × `}
          {item.name}
        </strong>
        <span className="soft block text-sm">{item.outOfService ? 'out of service' : item.facts}</span>
        {item.lentBy !== null && <span className="tag mt-1">from {item.lentBy.split(' ')[0]}</span>}
        {!item.outOfService && item.isInspectionDue && <span className="tag look-here mt-1">look it over</span>}
      </span>
    </button>
  )
}

/** What a client owns, standing on boards, drawn true to relative mass. */
export function ShelfPage() {
  const clientId = Number(useParams().clientId)
  const shelf = useQuery(shelfOptions(clientId))
  const takeOff = useTakeOffShelf(clientId)
  const queries = useQueryClient()
  const [order, setOrder] = useState<Order>('written')
  const [chosenId, setChosenId] = useState<number | null>(null)
  if (shelf.isPending) return <Loading what="the shelf" />
  if (shelf.isError) return <Problem error={shelf.error} onRetry={() => void shelf.refetch()} />
  const { items, lentOut, sharedWith } = shelf.data
  const chosen = items.find((item) => item.id === chosenId)
  const remove = (item: ShelfItem) =>
    takeOff.mutate(item.id, {
      onSuccess: () =>
        toast(`${item.name} is off the shelf`, {
          action: {
            label: 'Put it back',
            onClick: () =>
              void api
                .post(`clients/${clientId}/shelf-items/${item.id}/restore`, {})
                .then(() => queries.invalidateQueries()),
          },
        }),
    })
  return (
    <div className="grid gap-8 lg:grid-cols-[1fr_21rem]">
      <div className="min-w-0">
        {items.length === 0 && (
          <Empty title="The shelf is empty">
            <p>
              Write down what is there, one thing at a time: weights, bands, a rucksack, sacks and jugs, a chair, a
              table, a clear wall. Always the mass of one piece, in kilograms.
            </p>
            <p>Until then only body weight without furniture can be offered.</p>
          </Empty>
        )}
        {sharedWith && <p className="soft mb-3">With the kit of {sharedWith}, which is looked after on their page.</p>}
        {items.length > 0 && (
          <div className="mb-3 flex flex-wrap items-center justify-end gap-3">
            <label className="flex items-center gap-2 text-sm">
              Order
              <select
                className="select select-sm w-auto"
                value={order}
                onChange={(event) => setOrder(event.target.value as Order)}
              >
                {orders.map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <Link to={`/clients/${clientId}/shelf/print?order=${order}`} className="btn btn-ghost btn-sm">
              <Printer className="size-4" aria-hidden="true" /> Print as a list
            </Link>
          </div>
        )}
        {boards.map((board) => {
          const here = ordered(
            items.filter((item) => board.kinds.includes(item.kind)),
            order,
          )
          if (here.length === 0) return null
          return (
            <section key={board.name} aria-label={board.name} className="mb-7">
              <h2 className="soft text-base font-normal">{board.name}</h2>
              <div className="flex flex-wrap items-start">
                {here.map((item) => (
                  <Standing
                    key={item.id}
                    item={item}
                    chosen={item.id === chosenId}
                    onChoose={() => setChosenId(item.id === chosenId ? null : item.id)}
                  />
                ))}
                <span className="standing-board grow" aria-hidden="true" />
              </div>
              {chosen && here.includes(chosen) && (
                <Details key={chosen.id} clientId={clientId} item={chosen} onTakeOff={() => remove(chosen)} />
              )}
            </section>
          )
        })}
        <Lent clientId={clientId} things={lentOut} />
        <div className="space-y-10">
          {items.length > 0 && <FillPanel clientId={clientId} items={items} />}
          <CoveragePanel clientId={clientId} />
        </div>
      </div>
      <aside className="max-lg:order-first">
        <AddLine clientId={clientId} />
      </aside>
    </div>
  )
}
