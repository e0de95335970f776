import type { Client } from '../../shared/api'
import { maybeBetween, needed, optional, type FieldOf } from '../../shared/form'
import { Choice, TextArea, TextInput } from '../../shared/ui'

export type Person = Record<
  | 'name'
  | 'trade'
  | 'goal'
  | 'experience'
  | 'daysPerWeek'
  | 'minutes'
  | 'likes'
  | 'dislikes'
  | 'note'
  | 'place'
  | 'bornOn'
  | 'guardian'
  | 'guardianOn'
  | 'kitFromId',
  string
>

export const goals: [string, string][] = [
  ['health', 'Health'],
  ['beginner', 'First steps'],
  ['muscle', 'Muscle'],
  ['muscle-light-loads', 'Muscle with light loads'],
  ['strength', 'Strength'],
  ['endurance', 'Endurance'],
  ['older', 'Older, or low bone density'],
  ['youth', 'Under 18'],
]

export const nobody: Person = {
  name: '',
  trade: '',
  goal: 'health',
  experience: 'beginner',
  daysPerWeek: '',
  minutes: '',
  likes: '',
  dislikes: '',
  note: '',
  place: '',
  bornOn: '',
  guardian: '',
  guardianOn: '',
  kitFromId: '',
}

export const personOf = (client: Client): Person => ({
  name: client.name,
  trade: client.trade,
  goal: client.goalId,
  experience: client.experience,
  daysPerWeek: client.daysPerWeek?.toString() ?? '',
  minutes: client.minutes?.toString() ?? '',
  likes: client.likes,
  dislikes: client.dislikes,
  note: client.note,
  place: client.place,
  bornOn: client.bornOn ?? '',
  guardian: client.guardian ?? '',
  guardianOn: client.guardianOn ?? '',
  kitFromId: client.kitFromId?.toString() ?? '',
})

/** What is sent: empty fields as nothing at all. */
export const sent = <T extends Record<string, string>>(entered: T): Record<string, string | null> =>
  Object.fromEntries(
    Object.entries(entered).map(([field, value]) => [field, value.trim() === '' ? null : value.trim()]),
  )

/** What can be said of a person before it is sent. */
export const personSchema = {
  ...(Object.fromEntries(Object.keys(nobody).map((name) => [name, optional])) as Record<keyof Person, typeof optional>),
  name: needed('What is the client’s name?'),
  daysPerWeek: maybeBetween('Days a week', 1, 7, 'days'),
  minutes: maybeBetween('Time they truly have', 5, 180, 'minutes'),
}

interface PersonFieldsProps {
  field: (name: keyof Person) => FieldOf
  household: [string, string][]
}

/** True of a birth date of less than 18 years ago: then a guardian is asked for. The application judges it. */
function mayBeMinor(bornOn: string): boolean {
  const born = new Date(bornOn)
  if (Number.isNaN(born.getTime())) return false
  born.setFullYear(born.getFullYear() + 18)
  return born.getTime() > Date.now()
}

export function PersonFields({ field, household }: PersonFieldsProps) {
  return (
    <>
      <div className="grid gap-x-4 sm:grid-cols-2">
        <TextInput label="Name" {...field('name')} />
        <TextInput label="What they do" hint="As the client would say it" {...field('trade')} />
        <TextInput label="Where" hint="Address note for the Round" {...field('place')} />
        <TextInput label="Born" type="date" hint="Under 18 needs a guardian’s consent" {...field('bornOn')} />
        <Choice label="Trains for" options={goals} {...field('goal')} />
        <Choice
          label="Has trained"
          options={[
            ['beginner', 'never, or long ago'],
            ['some', 'some months'],
            ['years', 'for years'],
          ]}
          {...field('experience')}
        />
        <TextInput label="Days a week" type="number" {...field('daysPerWeek')} />
        <TextInput label="Time they truly have" unit="minutes" {...field('minutes')} />
        <TextInput label="Likes" {...field('likes')} />
        <TextInput label="Dislikes" {...field('dislikes')} />
        {mayBeMinor(field('bornOn').value) && (
          <>
            <TextInput label="Guardian who consented" {...field('guardian')} />
            <TextInput label="Consented on" type="date" {...field('guardianOn')} />
          </>
        )}
      </div>
      <Choice
        label="Shares the kit of"
        options={[['', 'nobody'], ...household]}
        hint="Two people of a household may train with one shelf"
        {...field('kitFromId')}
      />
      <TextArea label="Note" hint="Kept encrypted" {...field('note')} />
    </>
  )
}
