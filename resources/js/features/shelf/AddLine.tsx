import { useQuery } from '@tanstack/react-query'
import { toast } from 'sonner'
import { ApiError } from '../../shared/api'
import { useKept } from '../../shared/lib/useKept'
import { useSettled } from '../../shared/lib/useSettled'
import { Choice, FormProblem, TextInput, Toggle } from '../../shared/ui'
import { Implement } from './Implement'
import { HouseholdCalculator } from './HouseholdCalculator'
import { contents, kinds } from './kinds'
import { lineOptions, useAddToShelf } from './queries'

const examples = [
  '2 x 6 kg dumbbells',
  'red tube 120 cm',
  '12 L bucket of sand',
  'adjustable pair, 4 x 1.25 + 4 x 2.5, bar 2 kg',
]

/** A thing for the shelf: typed as a line in plain words, shown as it was understood, corrected where it was not. */
export function AddLine({ clientId }: { clientId: number }) {
  const [line, setLine] = useKept(`shelf-line-${clientId}`, '')
  const [corrected, setCorrected] = useKept<Record<string, string>>(`shelf-entry-${clientId}`, {})
  const settled = useSettled(line, 250)
  const reading = useQuery(lineOptions(clientId, settled))
  const add = useAddToShelf(clientId)
  const error = add.error instanceof ApiError ? add.error : null
  const parsed = line.trim() === '' ? undefined : reading.data
  const value = (name: string) =>
    corrected[name] ??
    (name === 'kind'
      ? (parsed?.kind ?? 'object')
      : name === 'name'
        ? (parsed?.name ?? '')
        : name === 'count'
          ? String(parsed?.count ?? 1)
          : (parsed?.fields[name] ?? ''))
  const kind = kinds.find((known) => known.id === value('kind'))
  const asks = kind?.asks ?? []
  const field = (name: string, label: string, unit?: string, hint?: string) => (
    <TextInput
      label={label}
      unit={unit}
      hint={hint ?? parsed?.missing[name]}
      value={value(name)}
      onChange={(text) => setCorrected({ ...corrected, [name]: text })}
      error={error?.about(name)}
    />
  )
  const choice = (name: string, label: string, options: [string, string][]) => (
    <Choice
      label={label}
      options={options}
      value={value(name) || (options[0]?.[0] ?? '')}
      onChange={(text) => setCorrected({ ...corrected, [name]: text })}
      error={error?.about(name)}
    />
  )
  const shown = [
    'kind',
    'name',
    'count',
    ...(asks.includes('mass') ? ['massKg'] : []),
    ...(asks.includes('max') ? ['maxKg'] : []),
    ...(asks.includes('length') ? ['restLengthCm'] : []),
    ...(asks.includes('handles') ? ['handleCm'] : []),
    ...(asks.includes('pull') ? ['forceAtDoubleN'] : []),
    ...(asks.includes('height') ? ['heightCm'] : []),
    ...(asks.includes('grip') ? ['grip', 'certainty', 'sealed', 'glass'] : []),
    ...(asks.includes('plates') ? ['handleKg', 'plates'] : []),
    ...(asks.includes('pole') ? ['diameterMm', 'material', 'wallMm'] : []),
    ...(asks.includes('contents') ? ['contents', 'litres', 'containerKg'] : []),
  ]
  const entry = () => {
    const fallbacks: Record<string, string> = { grip: 'handle', contents: 'water', material: 'softwood' }
    const filled = shown
      .map((name) => [name, (value(name) || (fallbacks[name] ?? '')).trim().replace(/^(\d+),(\d+)$/, '$1.$2')])
      .filter(([, text]) => text !== '')
    return { ...Object.fromEntries(filled), ...(line.trim() === '' ? {} : { line }) }
  }
  return (
    <form
      className="paper grid gap-2 p-5"
      noValidate
      aria-label="Put something on the shelf"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate(entry(), {
          onSuccess: (thing) => {
            toast.success(`${thing.name} is on the shelf`)
            setLine('')
            setCorrected({})
          },
        })
      }}
    >
      <h2 className="text-xl">Put something on the shelf</h2>
      <TextInput
        label="In plain words"
        placeholder={examples[0] ?? ''}
        hint={line === '' ? `As in “${examples.slice(1).join('”, “')}”` : undefined}
        value={line}
        onChange={(text) => {
          setLine(text)
          setCorrected({})
        }}
        error={error?.about('line')}
      />
      {parsed && (
        <div className="flex items-end gap-3 border-b-4 border-base-content pb-0" role="status" aria-label="Understood">
          <Implement kind={parsed.kind ?? 'object'} size={0.6} grip={parsed.fields.grip} />
          <ul className="flex min-w-0 grow flex-wrap gap-1.5 pb-2">
            {parsed.understood.map((piece) => (
              <li key={piece.text} className="tag">
                <strong>{piece.text}</strong> {piece.means}
              </li>
            ))}
            {parsed.unknown.map((word) => (
              <li key={word} className="tag look-here">
                {word}: not understood
              </li>
            ))}
          </ul>
        </div>
      )}
      {parsed?.assumed.map((assumption) => (
        <p key={assumption} className="soft text-sm">
          {assumption}
        </p>
      ))}
      {reading.isError && line !== '' && (
        <p role="alert" className="text-sm font-semibold text-error">
          The line cannot be read just now: {reading.error.message} It stays here; the fields below work all the same.
        </p>
      )}
      <Choice
        label="What is it?"
        options={kinds.map((known) => [known.id, known.name])}
        value={value('kind')}
        onChange={(text) => setCorrected({ ...corrected, kind: text })}
        error={error?.about('kind')}
      />
      {field('name', 'Name', undefined, 'As the client calls it')}
      <div className="grid grid-cols-2 gap-x-3">
        {field('count', 'How many', 'pieces')}
        {asks.includes('mass') &&
          field('massKg', kind?.id === 'rucksack' ? 'Empty' : asks.includes('height') ? 'Weighs' : 'One piece', 'kg')}
        {asks.includes('max') && field('maxKg', 'Holds up to', 'kg')}
        {asks.includes('length') && field('restLengthCm', 'Length at rest', 'cm')}
        {asks.includes('handles') && field('handleCm', 'Each handle', 'cm', 'Empty: 12 cm, strap and all')}
        {asks.includes('pull') && field('forceAtDoubleN', 'Pull at twice that', 'N', 'Empty: until the Bench tests it')}
        {asks.includes('height') && field('heightCm', 'Height', 'cm')}
        {asks.includes('plates') && field('handleKg', 'Bare handle', 'kg')}
        {asks.includes('pole') && field('diameterMm', 'Thickness', 'mm')}
        {asks.includes('pole') &&
          choice('material', 'Made of', [
            ['softwood', 'softwood'],
            ['hardwood', 'hardwood'],
            ['bamboo', 'bamboo'],
            ['steel-tube', 'steel tube'],
          ])}
        {value('material') === 'steel-tube' && field('wallMm', 'Wall of the tube', 'mm')}
        {asks.includes('contents') && choice('contents', 'Holds', contents)}
        {asks.includes('contents') && field('litres', 'Up to', 'L')}
        {asks.includes('contents') && field('containerKg', 'Empty vessel', 'kg')}
        {asks.includes('grip') &&
          choice('grip', 'Held by', [
            ['handle', 'a handle'],
            ['bag', 'its neck or corners'],
            ['body', 'its body'],
            ['none', 'nothing secure'],
          ])}
      </div>
      {kind?.id === 'object' && (
        <>
          <HouseholdCalculator
            onTake={(mass) => setCorrected({ ...corrected, massKg: String(mass.massKg), certainty: mass.certainty })}
          />
          <div className="flex flex-wrap gap-x-6">
            <Toggle
              label="Sealed"
              checked={(corrected.sealed ?? parsed?.fields.sealed ?? '1') === '1'}
              onChange={(sealed) => setCorrected({ ...corrected, sealed: sealed ? '1' : '0' })}
            />
            <Toggle
              label="Glass"
              checked={(corrected.glass ?? parsed?.fields.glass ?? '0') === '1'}
              onChange={(glass) => setCorrected({ ...corrected, glass: glass ? '1' : '0' })}
            />
          </div>
        </>
      )}
      {asks.includes('plates') && field('plates', 'Plates', undefined, 'All of them, as in 4 x 1.25 + 4 x 2.5')}
      {error && error.status !== 422 && <FormProblem error={error} />}
      <button className="btn btn-primary" disabled={add.isPending}>
        {add.isPending ? 'Putting it there…' : 'Put it on the shelf'}
      </button>
    </form>
  )
}
