import { useState } from 'react'
import { ApiError, type Recipe, type ShelfItem } from '../../shared/api'
import { Choice, FormProblem, TextInput, Toggle } from '../../shared/ui'
import { useFill } from './queries'

function RecipeList({ recipe, name }: { recipe: Recipe; name: string }) {
  return (
    <section aria-label={name} className="min-w-56 grow">
      <p>
        <span className="figure-number text-4xl">{recipe.totalKg}</span> <span className="font-semibold">kg</span>{' '}
        <span className="soft">
          likely within {recipe.likelyKg} kg · {recipe.errorKg} kg off · {recipe.pieces} to put in
        </span>
      </p>
      {recipe.parts.length === 0 ? (
        <p className="mt-1">Nothing here brings it nearer.</p>
      ) : (
        <ul className="mt-2">
          {recipe.parts.map((part) => (
            <li key={part.name} className="flex justify-between gap-4 border-b border-base-300 py-1">
              <span>
                <strong>{part.count !== null ? `${part.count} ×` : `${part.litres} L of`}</strong> {part.name}
              </span>
              <span className="soft">{part.massKg} kg</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

/** Ask for a mass, get the recipe. */
export function FillPanel({ clientId, items }: { clientId: number; items: ShelfItem[] }) {
  const rucksacks = items.filter((item) => item.kind === 'rucksack' && !item.isShared)
  const [target, setTarget] = useState('')
  const [carrierId, setCarrierId] = useState(rucksacks[0]?.id.toString() ?? '')
  const [pair, setPair] = useState(false)
  const fill = useFill(clientId)
  const error = fill.error instanceof ApiError ? fill.error : null
  const found = fill.data
  return (
    <section aria-label="Fill" className="paper p-5">
      <h2 className="text-xl">Fill</h2>
      <form
        className="mt-2 grid items-start gap-x-4 sm:grid-cols-[9rem_1fr_auto_auto]"
        noValidate
        aria-label="Fill"
        onSubmit={(event) => {
          event.preventDefault()
          fill.mutate({
            targetKg: target.replace(',', '.'),
            carrierId: carrierId === '' ? null : Number(carrierId),
            pair,
          })
        }}
      >
        <TextInput
          label="Should weigh"
          unit="kg"
          value={target}
          onChange={setTarget}
          error={error?.about('targetKg')}
        />
        <Choice
          label="In"
          value={carrierId}
          onChange={setCarrierId}
          options={[
            ...rucksacks.map((item): [string, string] => [String(item.id), item.name]),
            ['', 'nothing: loose, or in a bag'],
          ]}
        />
        <div className="sm:mt-[1.9rem]">
          <Toggle label="A pair" checked={pair} onChange={setPair} />
        </div>
        <button className="btn btn-primary sm:mt-[1.55rem]" disabled={fill.isPending}>
          Find the recipe
        </button>
      </form>
      {error && error.status !== 422 && <FormProblem error={error} />}
      {found && (
        <>
          {found.stock === 0 && (
            <p className="next-target mb-3">
              Nothing on the shelf can go in: add bottles, packs, bricks or a bin to pour from.
            </p>
          )}
          <div className="flex flex-wrap gap-x-10 gap-y-4">
            {found.recipes.map((recipe, i) => (
              <RecipeList
                key={i}
                recipe={recipe}
                name={found.recipes.length === 1 ? 'Recipe' : i === 0 ? 'Left' : 'Right'}
              />
            ))}
          </div>
          <p className="soft mt-2 text-sm">
            {found.carrier
              ? `The empty ${found.carrier} counts ${found.tareKg} kg; it holds up to ${found.maxKg} kg in all. ` +
                'Straps tight, the load high.'
              : 'Straps tight; nothing of glass, nothing open.'}
          </p>
        </>
      )}
    </section>
  )
}
