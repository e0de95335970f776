import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiError, type HouseholdMass } from '../../shared/api'
import { Choice, TextInput } from '../../shared/ui'
import { contents } from './kinds'

/** What a vessel or a pack weighs: litres times density and the vessel, or the label and the pack. */
export function HouseholdCalculator({ onTake }: { onTake: (mass: HouseholdMass) => void }) {
  const [entered, setEntered] = useState({ contents: 'water', litres: '', containerKg: '', netKg: '' })
  const reckon = useMutation({
    mutationFn: () =>
      api.post<HouseholdMass>(
        'household-mass',
        Object.fromEntries(
          Object.entries(entered)
            .map(([name, text]) => [name, text.trim().replace(',', '.')])
            .filter(([, text]) => text !== ''),
        ),
      ),
  })
  const error = reckon.error instanceof ApiError ? reckon.error : null
  const field = (name: keyof typeof entered) => ({
    value: entered[name],
    onChange: (value: string) => setEntered({ ...entered, [name]: value }),
    error: error?.about(name),
  })
  return (
    <details className="rounded-md border border-base-300 px-3 py-2">
      <summary className="cursor-pointer text-sm font-semibold">What does it weigh? Reckon it</summary>
      <div className="mt-2 grid grid-cols-2 gap-x-3" role="group" aria-label="Household calculator">
        <Choice label="Full of" options={contents} {...field('contents')} />
        <TextInput label="Litres" unit="L" {...field('litres')} />
        <TextInput label="Empty vessel" unit="kg" {...field('containerKg')} />
        <TextInput label="Or a label says" unit="kg" {...field('netKg')} />
      </div>
      <button type="button" className="btn btn-outline btn-sm" onClick={() => reckon.mutate()}>
        Reckon
      </button>
      {error && error.status !== 422 && <p className="text-sm font-semibold text-error">{error.message}</p>}
      {reckon.data && (
        <p role="status" className="mt-2 text-sm">
          <span className="figure-number text-2xl">{reckon.data.massKg}</span> kg ± {reckon.data.sdKg} kg:{' '}
          {reckon.data.sum}.{' '}
          <button
            type="button"
            className="link font-semibold"
            onClick={() => {
              if (reckon.data) onTake(reckon.data)
            }}
          >
            Use it
          </button>
        </p>
      )}
    </details>
  )
}
