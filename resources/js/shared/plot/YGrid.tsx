import type { ScaleLinear } from 'd3-scale'
import { signed } from '../lib/counts'

/** Level lines with their numbers, for a plot whose upward axis starts at the left. */
export function YGrid({ y, left, right }: { y: ScaleLinear<number, number>; left: number; right: number }) {
  return y.ticks(4).map((tick) => (
    <g key={tick}>
      <line x1={left} x2={right} y1={y(tick)} y2={y(tick)} className="plot-grid" />
      <text x={left - 8} y={y(tick) + 5} textAnchor="end" className="plot-number">
        {signed(tick)}
      </text>
    </g>
  ))
}
