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
  | 'sex'
  | 'telephone'
  | 'email'
  | 'emergencyContact'
  | 'doctor'
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
  sex: '',
  telephone: '',
  email: '',
  emergencyContact: '',
  doctor: '',
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
  sex: client.sex,
  telephone: client.telephone ?? '',
  email: client.email ?? '',
  emergencyContact: client.emergencyContact ?? '',
  doctor: client.doctor ?? '',
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

interface FieldsProps {
  field: (name: keyof Person) => FieldOf
}

/** Who it is: what the first sums and the health questions ask for. */
export function WhoFields({ field }: FieldsProps) {
  return (
    <>
      <div className="sm:col-span-2">
        <TextInput label="Name" autoComplete="off" {...field('name')} />
      </div>
      <TextInput label="Born" type="date" hint="Under 18 needs a guardian’s consent" {...field('bornOn')} />
      <Choice
        label="Sex"
        options={[
          ['', 'not said'],
          ['female', 'female'],
          ['male', 'male'],
        ]}
        hint="Nobody is asked what cannot be"
        {...field('sex')}
      />
      {mayBeMinor(field('bornOn').value) && (
        <>
          <TextInput label="Guardian who consented" {...field('guardian')} />
          <TextInput label="Consented on" type="date" {...field('guardianOn')} />
        </>
      )}
    </>
  )
}

/** What they train for and how much of it: where a programme begins. */
export function AimFields({ field }: FieldsProps) {
  return (
    <>
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
      <TextInput label="What they do" hint="As the client would say it" {...field('trade')} />
    </>
  )
}

/** Where they are and whom to call. */
export function ReachFields({ field }: FieldsProps) {
  return (
    <>
      <TextInput label="Where" hint="Address note for the Round" {...field('place')} />
      <TextInput label="Telephone" type="tel" {...field('telephone')} />
      <TextInput label="E-mail" type="email" {...field('email')} />
      <TextInput label="In an emergency" hint="Whom to call, and the number" {...field('emergencyContact')} />
      <TextInput label="Doctor" hint="Name and number" {...field('doctor')} />
    </>
  )
}

/** The rest of what is kept of a person. */
export function KeptFields({ field, household }: PersonFieldsProps) {
  return (
    <>
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

/** All of it, in groups. */
export function PersonFields({ field, household }: PersonFieldsProps) {
  return (
    <>
      <div className="grid gap-x-4 sm:grid-cols-2">
        <WhoFields field={field} />
        <AimFields field={field} />
      </div>
      <Group title="Where, and whom to call" note="Telephone, e-mail, emergency and doctor are kept encrypted.">
        <ReachFields field={field} />
      </Group>
      <KeptFields field={field} household={household} />
    </>
  )
}

/** Fields that belong together under a heading. */
export function Group({ title, note, children }: { title: string; note?: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-t border-base-300 pt-3">
      <legend className="float-left mb-2 w-full font-display text-lg font-semibold">{title}</legend>
      {note && <p className="soft clear-left mb-2 text-sm">{note}</p>}
      <div className="clear-left grid gap-x-4 sm:grid-cols-2">{children}</div>
    </fieldset>
  )
}
