import { scaleLinear } from 'd3-scale'
import { rangeOf, signed } from '../lib/counts'
import { hungBelow } from './hang'

export interface RailRung {
  key: string
  kg: number
  lowKg: number
  highKg: number
  label: string
  mark?: 'now' | 'next'
}

interface RailLineProps {
  rungs: RailRung[]
  unit: string
  /** Named in the accessible description. */
  title: string
  /** The reference lift that nought stands for, as in `squat`. */
  zero?: string
  focused?: string | null
  onFocus?: (key: string | null) => void
}

const WIDTH = 980
const SIDE = 34
const RAIL_Y = 58
const ROW = 46
const TAG_WIDTH = 92
const MARKS = { now: ', in use now', next: ', next', plain: '' }

/** Everything on a shelf that loads one pattern, hung on one axis of equivalent resistance with its spread. */
export function RailLine({ rungs, unit, title, zero, focused = null, onFocus }: RailLineProps) {
  const lowest = Math.min(0, ...rungs.map((rung) => rung.lowKg))
  const highest = Math.max(5, ...rungs.map((rung) => rung.highKg))
  const x = scaleLinear([lowest, highest], [SIDE + TAG_WIDTH / 2, WIDTH - SIDE - TAG_WIDTH / 2]).nice(6)
  const rows = hungBelow(
    rungs.map((rung) => x(rung.kg)),
    TAG_WIDTH + 6,
  )
  const depth = 1 + Math.max(0, ...rows)
  const height = RAIL_Y + 26 + depth * ROW
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} className="rail w-full" role="group" aria-label={`${title}, ${unit}`}>
      {x.ticks(8).map((tick) => (
        <g key={tick}>
          <line x1={x(tick)} x2={x(tick)} y1={RAIL_Y - 7} y2={RAIL_Y} className="rail-tick" />
          <text x={x(tick)} y={RAIL_Y - 13} textAnchor="middle" className="plot-number">
            {tick === 0 && zero !== undefined ? `bare ${zero}` : signed(tick)}
          </text>
        </g>
      ))}
      <text x={SIDE / 2} y={18} className="plot-label">
        {unit}
      </text>
      <rect x={SIDE / 2} y={RAIL_Y} width={WIDTH - SIDE} height={5} rx={2} className="rail-board" />
      <rect x={SIDE / 2} y={RAIL_Y + 6.5} width={WIDTH - SIDE} height={3} className="rail-lip" />
      {rungs.map((rung, i) => {
        const top = RAIL_Y + 20 + (rows[i] ?? 0) * ROW
        return <line key={rung.key} x1={x(rung.kg)} x2={x(rung.kg)} y1={RAIL_Y + 5} y2={top} className="rail-string" />
      })}
      {rungs.map((rung, i) => {
        const top = RAIL_Y + 20 + (rows[i] ?? 0) * ROW
        const mark = rung.mark ?? 'plain'
        return (
          <g
            key={rung.key}
            role="button"
            tabIndex={0}
            aria-label={`${rung.label}: ${signed(rung.kg)} ${unit}, likely ${rangeOf(rung.lowKg, rung.highKg)}${MARKS[mark]}`}
            className={`rail-rung rail-rung-${mark} ${focused === rung.key ? 'rail-rung-focused' : ''}`}
            onMouseEnter={() => onFocus?.(rung.key)}
            onFocus={() => onFocus?.(rung.key)}
            onClick={() => onFocus?.(rung.key)}
          >
            <line x1={x(rung.lowKg)} x2={x(rung.highKg)} y1={RAIL_Y + 2.5} y2={RAIL_Y + 2.5} className="rail-spread" />
            <rect
              x={x(rung.kg) - TAG_WIDTH / 2}
              y={top}
              width={TAG_WIDTH}
              height={ROW - 8}
              rx={5}
              className="rail-tag"
            />
            <text x={x(rung.kg)} y={top + 16} textAnchor="middle" className="rail-kg">
              {signed(rung.kg)} kg
            </text>
            <text x={x(rung.kg)} y={top + 31} textAnchor="middle" className="rail-name">
              {rung.label.length > 15 ? `${rung.label.slice(0, 14)}…` : rung.label}
            </text>
          </g>
        )
      })}
    </svg>
  )
}
