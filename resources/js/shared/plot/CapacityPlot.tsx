import { scaleLinear, scaleUtc } from 'd3-scale'
import { area, line } from 'd3-shape'
import type { CapacityPoint } from '../api'
import { briefDay } from '../lib/time'
import { YGrid } from './YGrid'

const SIZE = { width: 520, height: 230, left: 50, right: 34, top: 34, bottom: 34 }

/** Capacity over time with its band of uncertainty. */
export function CapacityPlot({ history, unit, name }: { history: CapacityPoint[]; unit: string; name: string }) {
  const times = history.map((point) => Date.parse(point.date))
  const first = Math.min(...times)
  const last = Math.max(...times)
  const day = 86_400_000
  const x = scaleUtc([first, Math.max(last, first + day)], [SIZE.left + 10, SIZE.width - SIZE.right])
  const y = scaleLinear(
    [Math.min(...history.map((point) => point.lowKg)), Math.max(...history.map((point) => point.highKg))],
    [SIZE.height - SIZE.bottom, SIZE.top],
  ).nice(4)
  const place = (point: CapacityPoint) => x(Date.parse(point.date))
  const band = area<CapacityPoint>()
    .x(place)
    .y0((point) => y(point.lowKg))
    .y1((point) => y(point.highKg))
  const middle = line<CapacityPoint>()
    .x(place)
    .y((point) => y(point.kg))
  const end = history[history.length - 1]
  return (
    <svg
      role="img"
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      className="plot w-full"
      aria-label={
        `${name}: one-repetition capacity in ${unit}, ` +
        `from ${history[0]?.kg ?? 0} to ${end?.kg ?? 0} over ${history.length} training days`
      }
    >
      <YGrid y={y} left={SIZE.left} right={SIZE.width - SIZE.right} />
      <text x={4} y={16} className="plot-label">
        {unit}, once
      </text>
      {x.ticks(5).map((tick) => (
        <text key={+tick} x={x(tick)} y={SIZE.height - 10} textAnchor="middle" className="plot-number">
          {briefDay(tick.toISOString()).replace(/^\w+,? /, '')}
        </text>
      ))}
      <path d={band(history) ?? ''} className="capacity-band" />
      <path d={middle(history) ?? ''} className="curve curve-offered" />
      {history.map((point) => (
        <circle key={point.date} cx={place(point)} cy={y(point.kg)} r={4} className="curve-dot curve-dot-offered" />
      ))}
    </svg>
  )
}
