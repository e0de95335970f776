import { Choice, TextInput, Toggle } from '../../shared/ui'
import { hasDial } from './entry'
import { HouseholdCalculator } from './HouseholdCalculator'
import { contents, kinds } from './kinds'

interface ThingFieldsProps {
  value: (name: string) => string
  onChange: (name: string, text: string) => void
  /** What the calculator for household things came to. */
  onMass: (mass: { massKg: number; certainty: string }) => void
  error: { about: (field: string) => string | undefined } | null
  /** What is still needed, by field. */
  missing?: Record<string, string | undefined>
  /** False where a thing is changed: it stays of the kind it is. */
  isNew?: boolean
}

/** What each kind of thing is asked for. */
export function ThingFields({ value, onChange, onMass, error, missing = {}, isNew = true }: ThingFieldsProps) {
  const kind = kinds.find((known) => known.id === value('kind'))
  const asks = kind?.asks ?? []
  const field = (name: string, label: string, unit?: string, hint?: string) => (
    <TextInput
      label={label}
      unit={unit}
      hint={hint ?? missing[name]}
      value={value(name)}
      onChange={(text) => onChange(name, text)}
      required={name === 'name' || name === 'count'}
      error={error?.about(name)}
    />
  )
  const choice = (name: string, label: string, options: [string, string][]) => (
    <Choice
      label={label}
      options={options}
      value={value(name) || (options[0]?.[0] ?? '')}
      onChange={(text) => onChange(name, text)}
      error={error?.about(name)}
    />
  )
  return (
    <>
      {isNew && (
        <Choice
          label="What is it?"
          required
          options={[['', 'Choose what it is'], ...kinds.map((known): [string, string] => [known.id, known.name])]}
          hint={missing.kind}
          value={value('kind')}
          onChange={(text) => onChange('kind', text)}
          error={error?.about('kind')}
        />
      )}
      {field('name', 'Name', undefined, 'As the client calls it')}
      {value('outOfService') !== '' &&
        field('outOfService', 'Out of service', undefined, 'It serves nothing until that is put right')}
      <div className="grid grid-cols-2 gap-x-3">
        {field('count', 'How many', 'pieces')}
        {asks.includes('mass') &&
          field('massKg', kind?.id === 'rucksack' ? 'Empty' : asks.includes('height') ? 'Weighs' : 'One piece', 'kg')}
        {asks.includes('max') && field('maxKg', 'Holds up to', 'kg')}
        {asks.includes('length') && field('restLengthCm', 'Length at rest', 'cm')}
        {asks.includes('handles') && field('handleCm', 'Each handle', 'cm', 'Empty: 12 cm, strap and all')}
        {asks.includes('pull') && field('forceAtDoubleN', 'Pull at twice that', 'N', 'Empty: until the Bench tests it')}
        {asks.includes('height') &&
          field('heightCm', 'Height', 'cm', missing.heightCm ?? 'Empty: as such things usually are, and marked so')}
        {asks.includes('plates') && !hasDial(value('plates')) && field('handleKg', 'Bare handle', 'kg')}
        {asks.includes('bar') && field('handleKg', 'Bare bar', 'kg')}
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
            ['none', 'nothing secure'],
            ['handle', 'a handle'],
            ['bag', 'its neck or corners'],
            ['body', 'its body'],
          ])}
      </div>
      {kind?.id === 'object' && (
        <>
          <HouseholdCalculator onTake={onMass} />
          <div className="flex flex-wrap gap-x-6">
            <Toggle
              label="Sealed"
              checked={(value('sealed') || '1') === '1'}
              onChange={(sealed) => onChange('sealed', sealed ? '1' : '0')}
            />
            <Toggle
              label="Glass"
              checked={(value('glass') || '0') === '1'}
              onChange={(glass) => onChange('glass', glass ? '1' : '0')}
            />
          </div>
        </>
      )}
      {asks.includes('plates') &&
        field(
          'plates',
          'Plates or dial',
          undefined,
          missing.plates ?? 'As in 4 x 1.25 + 4 x 2.5, or 2-24 kg in steps of 2',
        )}
    </>
  )
}
