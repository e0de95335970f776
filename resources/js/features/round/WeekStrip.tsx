import type { WeekDay } from '../../shared/api'
import { briefDay, longDay } from '../../shared/lib/time'

interface WeekStripProps {
  week: WeekDay[]
  shown: string
  onPick: (date: string) => void
}

/** Seven days as pegs on a board; the pegs are the visits. */
export function WeekStrip({ week, shown, onPick }: WeekStripProps) {
  return (
    <div role="group" aria-label="Week" className="ledge-thin flex w-full sm:w-auto">
      {week.map((day) => {
        const [weekday, number] = briefDay(day.date).replace(',', '').split(' ')
        return (
          <button
            key={day.date}
            type="button"
            onClick={() => onPick(day.date)}
            aria-pressed={day.date === shown}
            aria-label={`${longDay(day.date)}${day.isToday ? ', today' : ''}: ${day.visits} ${day.visits === 1 ? 'visit' : 'visits'}`}
            className={`week-day ${day.date === shown ? 'week-day-shown' : ''}`}
          >
            <span className={day.isToday ? 'font-bold underline decoration-2 underline-offset-4' : 'soft'}>
              {weekday}
            </span>
            <span className="figure-number text-xl">{number}</span>
            <span className="flex h-2 gap-1" aria-hidden="true">
              {Array.from({ length: Math.min(5, day.visits) }, (_, i) => (
                <span key={i} className="size-2 rounded-full bg-current" />
              ))}
            </span>
          </button>
        )
      })}
    </div>
  )
}
