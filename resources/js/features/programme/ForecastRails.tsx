import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { scaleLinear } from 'd3-scale'
import { curveStepAfter, line } from 'd3-shape'
import type { ForecastLift, ForecastPoint } from '../../shared/api'
import { YGrid } from '../../shared/plot'
import { counted } from '../../shared/lib/counts'
import { forecastOptions } from './queries'

const SIZE = { width: 430, height: 170, left: 46, right: 14, top: 30, bottom: 26 }

const said: Record<string, string> = {
  start: 'begins',
  more: 'more repetitions',
  step: 'new setting',
  bridge: 'repetitions instead of load',
  lighter: 'lighter week',
  same: 'the same again',
}

/** One lift through the weeks: where its rung hangs, how sure that is, how often it is lifted. */
function LiftRail({ lift, now }: { lift: ForecastLift; now: number | null }) {
  const weeks = lift.points.map((point) => point.week)
  const x = scaleLinear(
    [Math.min(...weeks), Math.max(Math.max(...weeks), Math.min(...weeks) + 1)],
    [SIZE.left + 14, SIZE.width - SIZE.right - 8],
  )
  const low = Math.min(...lift.points.map((point) => point.lowKg))
  const high = Math.max(...lift.points.map((point) => point.highKg))
  const y = scaleLinear([Math.min(low, high - 2), Math.max(high, low + 2)], [SIZE.height - SIZE.bottom, SIZE.top]).nice(
    3,
  )
  const path = line<ForecastPoint>()
    .x((point) => x(point.week))
    .y((point) => y(point.kg))
    .curve(curveStepAfter)
  const first = lift.points[0]
  const last = lift.points[lift.points.length - 1]
  const steps = lift.points.filter((point) => point.kind === 'step').map((point) => point.week)
  return (
    <li className="min-w-0">
      <h4 className="text-base">
        {lift.name} <span className="soft font-normal">· {lift.day}</span>
      </h4>
      <svg
        role="img"
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        className="plot w-full"
        aria-label={
          `${lift.name}, forecast in ${lift.unit}: ${first?.kg} with ${first?.count} repetitions in week ${first?.week}, ` +
          `${last?.kg} with ${last?.count} in week ${last?.week}` +
          (steps.length > 0 ? `; new setting in week ${steps.join(', ')}` : '')
        }
      >
        <YGrid y={y} left={SIZE.left} right={SIZE.width - SIZE.right} />
        {now !== null && weeks.includes(now) && (
          <g>
            <line x1={x(now)} x2={x(now)} y1={SIZE.top - 12} y2={SIZE.height - SIZE.bottom} className="forecast-now" />
            <text x={x(now)} y={SIZE.top - 16} textAnchor="middle" className="plot-number">
              now
            </text>
          </g>
        )}
        <text x={4} y={14} className="plot-label">
          {lift.unit}
        </text>
        {lift.points.map((point) => (
          <g key={point.week}>
            <title>
              {`Week ${point.week}: ${point.words}, ${point.sets} × ${point.count}, ${said[point.kind]}; `}
              {`likely ${point.lowKg}–${point.highKg} kg`}
            </title>
            <line
              x1={x(point.week)}
              x2={x(point.week)}
              y1={y(point.lowKg)}
              y2={y(point.highKg)}
              className="forecast-spread"
            />
            <text x={x(point.week)} y={SIZE.height - 8} textAnchor="middle" className="plot-number">
              {point.week}
            </text>
          </g>
        ))}
        <path d={path(lift.points) ?? ''} className="curve curve-offered" />
        {lift.points.map((point) => (
          <g key={point.week} aria-hidden="true">
            {point.kind === 'step' ? (
              <rect x={x(point.week) - 5} y={y(point.kg) - 5} width={10} height={10} className="forecast-step" />
            ) : (
              <circle
                cx={x(point.week)}
                cy={y(point.kg)}
                r={point.kind === 'lighter' ? 3 : 4.5}
                className={point.kind === 'bridge' ? 'forecast-bridge' : 'curve-dot curve-dot-offered'}
              />
            )}
            <text x={x(point.week)} y={y(point.kg) - 9} textAnchor="middle" className="plot-number">
              {point.count}
            </text>
          </g>
        ))}
      </svg>
    </li>
  )
}

/** Lifts that are drawn before somebody asks for more. */
const first = 2

/** The main lifts drawn forward on their rails. A forecast, and labelled so. */
export function ForecastRails({ programmeId, now }: { programmeId: number; now: number | null }) {
  const forecast = useQuery(forecastOptions(programmeId))
  const [isAll, setIsAll] = useState(false)
  if (!forecast.data || forecast.data.length === 0) return null
  return (
    <section aria-label="Forecast" className="mt-8 min-w-0">
      <h3 className="text-lg">
        Forecast <span className="soft text-base">· main lifts, week by week; what is logged rewrites it</span>
      </h3>
      <p className="soft text-sm">
        Height is the load in the reference lift, the bar its likely range, the number the repetitions. A square is a
        new setting, a ring asks for repetitions instead of load, a small dot is the lighter week.
      </p>
      <ul className="mt-3 grid gap-x-8 gap-y-4 md:grid-cols-2">
        {forecast.data.slice(0, isAll ? undefined : first).map((lift) => (
          <LiftRail key={`${lift.day}/${lift.thread}`} lift={lift} now={now} />
        ))}
      </ul>
      {!isAll && forecast.data.length > first && (
        <button type="button" className="btn btn-ghost btn-sm mt-2" onClick={() => setIsAll(true)}>
          {counted(forecast.data.length - first, 'more lift')}
        </button>
      )}
    </section>
  )
}
