import { scaleLinear } from 'd3-scale'
import type { Equivalent } from '../../shared/api'
import { signed } from '../../shared/lib/counts'

interface SpreadLineProps {
  offered: Equivalent
  wanted: Equivalent
  range: readonly [number, number]
}

/** A short piece of rail: the offered load with its spread, and a peg where the prescription hangs. */
export function SpreadLine({ offered, wanted, range }: SpreadLineProps) {
  const x = scaleLinear(range, [4, 296]).clamp(true)
  return (
    <svg
      viewBox="0 0 300 30"
      className="mt-1 w-full"
      role="img"
      aria-label={`${offered.words}; prescribed ${wanted.words}`}
    >
      <rect x={0} y={10} width={300} height={2.5} className="rail-board" />
      <line x1={x(wanted.kg)} x2={x(wanted.kg)} y1={1} y2={11} className="peg" />
      <line x1={x(offered.lowKg)} x2={x(offered.highKg)} y1={11.2} y2={11.2} className="rail-spread" />
      <circle cx={x(offered.kg)} cy={11.2} r={5.5} className="curve-dot-offered" />
      <text
        x={x(offered.kg)}
        y={28}
        textAnchor={x(offered.kg) > 250 ? 'end' : x(offered.kg) < 50 ? 'start' : 'middle'}
        className="rail-kg rail-kg-small"
      >
        {signed(offered.kg)} {offered.unit}
      </text>
    </svg>
  )
}
