import { ChevronLeft, ChevronRight } from 'lucide-react'
import type { WeekDay } from '../../shared/api'
import { briefDay, daysLater, longDay } from '../../shared/lib/time'

interface WeekStripProps {
  week: WeekDay[]
  shown: string
  onPick: (date: string) => void
  onToday: () => void
}

/** Seven days as pegs on a board; the pegs are the visits. */
export function WeekStrip({ week, shown, onPick, onToday }: WeekStripProps) {
  const isThisWeek = week.some((day) => day.isToday)
  const step = (days: number, label: string, Icon: typeof ChevronLeft) => (
    <button
      type="button"
      className="btn btn-ghost btn-sm btn-square self-center"
      aria-label={label}
      onClick={() => onPick(daysLater(shown, days))}
    >
      <Icon className="size-5" aria-hidden="true" />
    </button>
  )
  return (
    <div className="flex w-full flex-col sm:w-auto">
      <div role="group" aria-label="Week" className="ledge-thin flex w-full sm:w-auto">
        {step(-7, 'The week before', ChevronLeft)}
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
              <span className="flex h-2 items-center gap-0.5 sm:gap-1" aria-hidden="true">
                {Array.from({ length: Math.min(8, day.visits) }, (_, i) => (
                  <span key={i} className="size-1 rounded-full bg-current sm:size-2" />
                ))}
              </span>
            </button>
          )
        })}
        {step(7, 'The week after', ChevronRight)}
      </div>
      {!isThisWeek && (
        <button type="button" className="btn btn-ghost btn-sm self-end" onClick={onToday}>
          Back to today
        </button>
      )}
    </div>
  )
}
