import { scaleLinear } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import type { Curve } from '../api'
import { YGrid } from './YGrid'

export interface DrawnCurve {
  name: string
  curve: Curve
  tone: 'wanted' | 'offered'
}

const SIZE = { width: 520, height: 262, left: 58, right: 14, top: 34, bottom: 44 }

function at(curve: Curve, percent: number): number {
  const place = (percent / 100) * (curve.resistance.length - 1)
  const from = Math.floor(place)
  const before = curve.resistance[from] ?? 0
  const after = curve.resistance[Math.min(curve.resistance.length - 1, from + 1)] ?? before
  return before + (place - from) * (after - before)
}

/** Resistance over the lifting phase, one line each, with a point that moves in step with the figures. */
export function CurvePlot({ curves, phase }: { curves: DrawnCurve[]; phase?: number }) {
  const unit = curves[0]?.curve.unit ?? 'N'
  const values = curves.flatMap(({ curve }) => curve.resistance)
  const x = scaleLinear([0, 100], [SIZE.left, SIZE.width - SIZE.right])
  const y = scaleLinear([Math.min(0, ...values), Math.max(1, ...values)], [SIZE.height - SIZE.bottom, SIZE.top]).nice(4)
  const path = line<number>()
    .x((_, i) => x((100 * i) / ((curves[0]?.curve.resistance.length ?? 2) - 1)))
    .y((value) => y(value))
    .curve(curveMonotoneX)
  return (
    <figure className="m-0">
      <svg
        role="img"
        aria-label={`Resistance over the lifting phase in ${unit} per limb. ${curves
          .map(
            ({ name, curve }) =>
              `${name}: mean ${curve.mean}, peak ${curve.peak} at ${curve.hardestPercent} % of the way`,
          )
          .join('. ')}.`}
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        className="plot w-full"
      >
        <YGrid y={y} left={SIZE.left} right={SIZE.width - SIZE.right} />
        <line x1={SIZE.left} x2={SIZE.width - SIZE.right} y1={y(0)} y2={y(0)} className="plot-axis" />
        {[0, 25, 50, 75, 100].map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={SIZE.height - SIZE.bottom + 18}
            textAnchor={tick === 100 ? 'end' : 'middle'}
            className="plot-number"
          >
            {tick} %
          </text>
        ))}
        <text x={(SIZE.left + SIZE.width) / 2} y={SIZE.height - 6} textAnchor="middle" className="plot-label">
          way through the lift
        </text>
        <text x={4} y={16} className="plot-label">
          {unit} per limb
        </text>
        {curves.map(({ name, curve, tone }) => (
          <path key={name + tone} d={path(curve.resistance) ?? ''} className={`curve curve-${tone}`} data-tone={tone} />
        ))}
        {phase !== undefined &&
          curves.map(({ name, curve, tone }) => (
            <circle
              key={name + tone}
              cx={x(100 * phase)}
              cy={y(at(curve, 100 * phase))}
              r={6}
              className={`curve-dot curve-dot-${tone}`}
            />
          ))}
      </svg>
      <figcaption className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-sm">
        {curves.map(({ name, curve, tone }) => (
          <span key={name + tone} className="inline-flex items-center gap-2">
            <svg width="30" height="8" aria-hidden="true">
              <line x1="1" x2="29" y1="4" y2="4" className={`curve curve-${tone}`} />
            </svg>
            {name}
            <span className="soft">
              mean {curve.mean} {curve.unit}
            </span>
          </span>
        ))}
      </figcaption>
    </figure>
  )
}
