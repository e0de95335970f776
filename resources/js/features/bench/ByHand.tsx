import { toast } from 'sonner'
import { z } from 'zod'
import type { Bench } from '../../shared/api'
import { between, needed, optional, useEntry } from '../../shared/form'
import { Choice, TextInput, Trouble } from '../../shared/ui'
import type { useBench } from './queries'

const units: [string, string][] = [
  ['kg', 'kilograms (kg)'],
  ['N', 'newtons (N)'],
]

const weightSchema = z.object({
  lengthCm: optional,
  readings: needed('What does the scale show?'),
  unit: optional,
})
const pointSchema = weightSchema.extend({ lengthCm: between('Length', 1, 1000, 'cm') })

/** What a scale of one’s own shows, typed: a point of a band’s curve, or the mass of a thing. */
export function ByHand({ bench, act }: { bench: Bench; act: ReturnType<typeof useBench> }) {
  const { isBand } = bench
  const entry = useEntry({
    schema: isBand ? pointSchema : weightSchema,
    initial: { lengthCm: '', readings: '', unit: 'kg' },
    draft: `bench-${bench.clientId}-${bench.itemId ?? 0}`,
    send: ({ lengthCm, readings, unit }) =>
      act.mutateAsync(
        isBand ? { act: 'points', body: { lengthCm, readings, unit } } : { act: 'weigh', body: { readings, unit } },
      ),
    onSent: ({ unit }) => {
      entry.forget()
      entry.set('unit', unit)
      if (!isBand) toast.success('Weighed; the shelf is surer of it')
    },
    fieldOf: (name) => (name === 'gauge' ? 'readings' : name),
  })
  const next = bench.suggestedCm.find((cm) => !bench.points.some((point) => Math.abs(point.lengthCm - cm) < 3))
  return (
    <form aria-label="Readings of your own scale" className="mt-3" {...entry.form}>
      <p>
        Zero the empty scale, hang {bench.itemName}
        {isBand
          ? `, pull to a length between ${bench.restLengthCm} and ${bench.longestCm} cm and read when it stands still.`
          : ' and read when it stands still.'}
      </p>
      <div className="mt-2 grid gap-x-4 sm:grid-cols-2">
        {isBand && (
          <TextInput
            label="Length"
            unit="cm"
            placeholder={next === undefined ? '' : String(next)}
            {...entry.field('lengthCm')}
          />
        )}
        <Choice label="The scale shows" options={units} {...entry.field('unit')} />
        <TextInput
          label="Reading"
          unit={entry.entered.unit}
          hint="Several of the same pull with a space between them: their spread is kept."
          {...entry.field('readings')}
        />
      </div>
      <button className="btn btn-primary mt-2" disabled={entry.isSending}>
        {isBand ? 'Write the point down' : 'Write the weight down'}
      </button>
      <Trouble words={entry.problem} />
    </form>
  )
}
