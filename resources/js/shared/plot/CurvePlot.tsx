import { scaleLinear } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import { useState } from 'react'
import type { Curve } from '../api'
import { YGrid } from './YGrid'

export interface DrawnCurve {
  name: string
  curve: Curve
  tone: 'wanted' | 'offered'
}

type Sample = number | null

const SIZE = { width: 520, height: 262, left: 58, right: 14, top: 34, bottom: 44 }

/** The sample at a moment, between its neighbours; null where the curve has stopped. */
function at(values: Sample[], percent: number): Sample {
  const place = (percent / 100) * (values.length - 1)
  const from = Math.floor(place)
  const before = values[from] ?? null
  const after = values[Math.min(values.length - 1, from + 1)] ?? before
  return before === null || after === null ? null : before + (place - from) * (after - before)
}

/**
 * What a lift asks for over its way, one line each, with a point that moves in step with the figures: in kilograms of the
 * reference lift, or in newtons or newton metres for who asks.
 */
export function CurvePlot({ curves, phase }: { curves: DrawnCurve[]; phase?: number }) {
  const [raw, setRaw] = useState(false)
  const hasKg = curves.length > 0 && curves.every(({ curve }) => curve.kg?.some((kg) => kg !== null))
  const inKg = hasKg && !raw
  const first = curves[0]?.curve
  const force = first?.unit ?? 'N'
  const unit = inKg ? (first?.kgUnit ?? 'kg') : `${force} per limb`
  const samples = (curve: Curve): Sample[] => (inKg ? (curve.kg ?? []) : curve.resistance)
  const values = curves.flatMap(({ curve }) => samples(curve)).filter((value) => value !== null)
  const x = scaleLinear([0, 100], [SIZE.left, SIZE.width - SIZE.right])
  const y = scaleLinear([Math.min(0, ...values), Math.max(1, ...values)], [SIZE.height - SIZE.bottom, SIZE.top]).nice(4)
  const path = line<Sample>()
    .defined((value) => value !== null)
    .x((_, i) => x((100 * i) / ((first?.resistance.length ?? 2) - 1)))
    .y((value) => y(value ?? 0))
    .curve(curveMonotoneX)
  const said = (curve: Curve) => (inKg ? curve.kgWords : `mean ${curve.mean} ${curve.unit}`)
  return (
    <figure className="m-0">
      <svg
        role="img"
        aria-label={`Resistance over the lifting phase in ${unit}. ${curves
          .map(
            ({ name, curve }) =>
              `${name}: ${
                inKg ? (curve.kgWords ?? 'level') : `mean ${curve.mean}, peak ${curve.peak}`
              }, hardest at ${curve.hardestPercent} % of the way`,
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
          {unit}
        </text>
        {curves.map(({ name, curve, tone }) => (
          <path
            key={name + tone}
            d={path(samples(curve)) ?? ''}
            className={`curve curve-${tone}`}
            data-tone={tone}
            data-unit={inKg ? 'kg' : force}
          />
        ))}
        {phase !== undefined &&
          curves.map(({ name, curve, tone }) => {
            const value = at(samples(curve), 100 * phase)
            return (
              value !== null && (
                <circle
                  key={name + tone}
                  cx={x(100 * phase)}
                  cy={y(value)}
                  r={6}
                  className={`curve-dot curve-dot-${tone}`}
                />
              )
            )
          })}
      </svg>
      <figcaption className="mt-1 grid gap-y-1 text-sm">
        {curves.map(({ name, curve, tone }) => (
          <span key={name + tone} className="flex items-baseline gap-2">
            <svg width="30" height="8" aria-hidden="true" className="shrink-0">
              <line x1="1" x2="29" y1="4" y2="4" className={`curve curve-${tone}`} />
            </svg>
            <span>
              {name} {said(curve) !== null && <span className="soft">{said(curve)}</span>}
            </span>
          </span>
        ))}
        {hasKg && (
          <button
            type="button"
            className="btn btn-ghost btn-xs justify-self-end"
            aria-pressed={raw}
            onClick={() => setRaw(!raw)}
          >
            {raw ? `In ${first?.kgUnit ?? 'kg'}` : `In ${force}`}
          </button>
        )}
      </figcaption>
    </figure>
  )
}
