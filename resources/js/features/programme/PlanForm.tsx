import type { ApiError, PlanChoice, Programme, Programmes } from '../../shared/api'
import { Choice, TextInput } from '../../shared/ui'
import type { Wish } from './queries'

export const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']

const pairs = (choices: PlanChoice[]) => choices.map(({ id, label }): [string, string] => [id, label])

/** What a plan starts from before anything is said: what is on record of the client, and six weeks. */
export function firstWish(programmes: Programmes): Wish {
  return {
    goal: programmes.goal,
    experience: programmes.experience,
    weeks: '6',
    order: 'compound-first',
    structure: 'straight',
    startsOn: programmes.startsOn,
    days: programmes.days.map((day) => ({ ...day, minutes: String(day.minutes) })),
  }
}

/** As an earlier one was asked for: its goal, its way, its days as they are now. */
export function wishOf(programme: Programme): Wish {
  const { goal, experience, order, structure } = programme.style
  return {
    goal,
    experience,
    order,
    structure,
    weeks: String(programme.weeks.length),
    startsOn: programme.startsOn,
    days: (programme.weeks[0]?.sessions ?? []).map(({ weekday, minutes, time }) => ({
      weekday,
      minutes: String(minutes),
      time,
    })),
  }
}

function Days({ wish, onChange, error }: { wish: Wish; onChange: (wish: Wish) => void; error: ApiError | null }) {
  const problem = Object.entries(error?.errors ?? {}).find(([field]) => field.startsWith('days'))?.[1][0]
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1 text-sm font-semibold">
        Days <span className="soft font-normal">(on which there is time)</span>
      </legend>
      <div className="flex flex-wrap gap-1">
        {weekdays.map((name, i) => (
          <label key={name} className="week-peg day-peg">
            <input
              type="checkbox"
              className="sr-only"
              checked={wish.days.some((one) => one.weekday === i + 1)}
              onChange={(event) =>
                onChange({
                  ...wish,
                  days: event.target.checked
                    ? [
                        ...wish.days,
                        { weekday: i + 1, minutes: wish.days[0]?.minutes ?? '45', time: wish.days[0]?.time ?? '09:00' },
                      ].sort((one, other) => one.weekday - other.weekday)
                    : wish.days.filter((one) => one.weekday !== i + 1),
                })
              }
              aria-label={name}
            />
            {name.slice(0, 3)}
          </label>
        ))}
      </div>
      <ul className="mt-2">
        {wish.days.map((day) => {
          const name = weekdays[day.weekday - 1]
          const changed = (part: Partial<Wish['days'][number]>) =>
            onChange({
              ...wish,
              days: wish.days.map((one) => (one.weekday === day.weekday ? { ...one, ...part } : one)),
            })
          return (
            <li key={day.weekday} className="grid grid-cols-[1fr_3.5rem_auto_7rem] items-center gap-x-2 py-0.5">
              <span>{name}</span>
              <input
                aria-label={`Minutes on ${name}`}
                inputMode="numeric"
                className="input input-sm"
                value={day.minutes}
                onChange={(event) => changed({ minutes: event.target.value })}
              />
              <span className="soft text-sm">min</span>
              <input
                aria-label={`Time on ${name}`}
                type="time"
                className="input input-sm"
                value={day.time}
                onChange={(event) => changed({ time: event.target.value })}
              />
            </li>
          )
        })}
      </ul>
      {problem && <p className="mt-1 text-sm font-semibold text-error">{problem}</p>}
    </fieldset>
  )
}

/** To what end, on which days, for how long, in what shape. */
export function PlanForm({
  programmes,
  wish,
  onChange,
  error,
  children,
}: {
  programmes: Programmes
  wish: Wish
  onChange: (wish: Wish) => void
  error: ApiError | null
  children: React.ReactNode
}) {
  const set = (part: Partial<Wish>) => onChange({ ...wish, ...part })
  return (
    <div className="paper grid gap-x-8 gap-y-2 p-5 lg:grid-cols-[1fr_1fr_24rem]">
      <div>
        <Choice
          label="Goal"
          value={wish.goal}
          onChange={(goal) => set({ goal })}
          options={pairs(programmes.goals)}
          error={error?.about('goal')}
        />
        <Choice
          label="Experience"
          value={wish.experience}
          onChange={(experience) => set({ experience })}
          options={pairs(programmes.experiences)}
        />
        <div className="grid grid-cols-2 gap-x-4">
          <TextInput
            label="Weeks"
            type="number"
            value={wish.weeks}
            onChange={(weeks) => set({ weeks })}
            error={error?.about('weeks')}
          />
          <TextInput
            label="Starts on"
            type="date"
            value={wish.startsOn}
            onChange={(startsOn) => set({ startsOn })}
            error={error?.about('startsOn')}
          />
        </div>
      </div>
      <div>
        <Choice
          label="Structure"
          value={wish.structure}
          onChange={(structure) => set({ structure })}
          options={pairs(programmes.structures)}
        />
        <Choice
          label="Order"
          value={wish.order}
          onChange={(order) => set({ order })}
          options={pairs(programmes.orders)}
        />
        <div className="pt-4">{children}</div>
      </div>
      <Days wish={wish} onChange={onChange} error={error} />
    </div>
  )
}
