import { scaleLinear } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import type { Bench } from '../../shared/api'
import { YGrid } from '../../shared/plot'

const SIZE = { width: 620, height: 330, left: 60, right: 16, top: 32, bottom: 46 }

/** Force over length: the points taken, the curve through them, and the curve of the test before. */
export function BandPlot({ bench, nowN }: { bench: Bench; nowN: number | null }) {
  const rest = bench.restLengthCm ?? 0
  const longest = bench.longestCm ?? rest * 2.5
  const forces = [
    ...bench.points.map((point) => point.forceN),
    ...bench.curve.map(([, force]) => force ?? 0),
    ...bench.beforeCurve.map(([, force]) => force ?? 0),
    nowN ?? 0,
  ]
  const x = scaleLinear([rest, longest], [SIZE.left, SIZE.width - SIZE.right])
  const y = scaleLinear([0, Math.max(20, ...forces)], [SIZE.height - SIZE.bottom, SIZE.top]).nice(4)
  const path = line<number[]>()
    .x(([length]) => x(length ?? 0))
    .y(([, force]) => y(force ?? 0))
    .curve(curveMonotoneX)
  const taken = bench.points.map((point) => `${point.forceN} N at ${point.lengthCm} cm`).join(', ')
  return (
    <figure className="m-0">
      <svg
        role="img"
        aria-label={`Force over length. ${[`${bench.points.length} points`, taken].filter(Boolean).join(': ')}.`}
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        className="plot w-full"
      >
        <YGrid y={y} left={SIZE.left} right={SIZE.width - SIZE.right} />
        <line x1={SIZE.left} x2={SIZE.width - SIZE.right} y1={y(0)} y2={y(0)} className="plot-axis" />
        {x.ticks(6).map((tick) => (
          <text key={tick} x={x(tick)} y={SIZE.height - SIZE.bottom + 18} textAnchor="middle" className="plot-number">
            {tick}
          </text>
        ))}
        <text x={(SIZE.left + SIZE.width) / 2} y={SIZE.height - 6} textAnchor="middle" className="plot-label">
          length, cm
        </text>
        <text x={4} y={16} className="plot-label">
          force, N
        </text>
        {bench.beforeCurve.length > 0 && <path d={path(bench.beforeCurve) ?? ''} className="curve curve-wanted" />}
        {bench.curve.length > 0 && <path d={path(bench.curve) ?? ''} className="curve curve-offered" />}
        {bench.lengthCm !== null && nowN !== null && bench.lengthCm > rest && (
          <circle cx={x(bench.lengthCm)} cy={y(Math.max(0, nowN))} r={9} className="bench-now" />
        )}
        {bench.points.map((point) => (
          <g key={point.lengthCm}>
            <line
              x1={x(point.lengthCm)}
              x2={x(point.lengthCm)}
              y1={y(point.forceN - 2 * point.sdN)}
              y2={y(point.forceN + 2 * point.sdN)}
              className="rail-string"
            />
            <circle cx={x(point.lengthCm)} cy={y(point.forceN)} r={6} className="curve-dot curve-dot-wanted" />
          </g>
        ))}
      </svg>
      <figcaption className="mt-1 flex flex-wrap gap-x-5 text-sm">
        <span>● points taken</span>
        <span>○ the scale now</span>
        {bench.curve.length > 0 && <span className="text-primary">— the curve of these points</span>}
        {bench.beforeCurve.length > 0 && <span>··· the last test</span>}
      </figcaption>
    </figure>
  )
}
