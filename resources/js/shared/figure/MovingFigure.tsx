import type { Figure } from '../api'
import { Body } from './Body'
import { boundsOf, poseAt } from './geometry'
import { FarLoads, NearLoads } from './Loads'
import { Props } from './Props'

interface MovingFigureProps {
  figure: Figure
  /** 0 at the start of the lifting phase, 1 at its end. */
  phase: number
  /** Said to people who cannot see it. */
  label: string
  className?: string
  /** Shows the other end of the movement, faintly. */
  ghost?: boolean
}

/** A person doing an exercise, drawn from the engine's own joints on the floor of the room. */
export function MovingFigure({ figure, phase, label, className, ghost = false }: MovingFigureProps) {
  const bounds = boundsOf(figure)
  const margin = 0.17
  const left = bounds.left - margin - 0.05
  const width = bounds.right - bounds.left + 2 * margin + 0.1
  const top = bounds.top + margin
  const height = top + 0.09
  const pose = poseAt(figure, phase)
  return (
    <svg
      role="img"
      aria-label={label}
      className={`figure ${className ?? ''}`}
      viewBox={`${left} ${-top} ${width} ${height}`}
      preserveAspectRatio="xMidYMax meet"
    >
      <rect x={left} y={0} width={width} height={0.018} className="figure-floor" />
      <rect x={left} y={0.026} width={width} height={0.014} className="figure-floor-lip" />
      <Props figure={figure} bounds={bounds} />
      {ghost && (
        <g opacity={0.2}>
          <Body figure={figure} pose={poseAt(figure, 1 - phase)} />
        </g>
      )}
      <Body figure={figure} pose={pose} between={<FarLoads figure={figure} pose={pose} />} />
      <NearLoads figure={figure} pose={pose} />
    </svg>
  )
}
