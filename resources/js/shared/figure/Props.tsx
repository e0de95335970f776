import type { Figure, FigureProp } from '../api'
import type { Bounds } from './geometry'

interface Drawn {
  figure: Figure
  bounds: Bounds
  prop: FigureProp
}

/** A board on two legs: table, step, bench. Metres, y downward. */
function Board({ left, width, y }: { left: number; width: number; y: number }) {
  const leg = Math.max(0, y - 0.045)
  return (
    <g>
      <rect x={left} y={-y} width={width} height={Math.min(0.045, y)} rx={0.012} />
      {leg > 0.06 && (
        <>
          <rect x={left + 0.03} y={-y + 0.045} width={0.035} height={leg} />
          <rect x={left + width - 0.065} y={-y + 0.045} width={0.035} height={leg} />
        </>
      )}
      {leg <= 0.06 && <rect x={left + 0.01} y={-y + 0.045} width={width - 0.02} height={leg} />}
    </g>
  )
}

/** A chair seen from the side, its back behind the sitter. */
function Seat({ x, y }: { x: number; y: number }) {
  const left = x - 0.2
  return (
    <g>
      <rect x={left} y={-y} width={0.42} height={0.05} rx={0.014} />
      <rect x={left + 0.01} y={-y + 0.04} width={0.035} height={y - 0.04} />
      <rect x={left + 0.37} y={-y + 0.04} width={0.035} height={y - 0.04} />
      <rect x={left - 0.02} y={-y - 0.42} width={0.035} height={0.46} rx={0.014} />
    </g>
  )
}

const drawings: Record<string, (drawn: Drawn) => React.ReactNode> = {
  mat: ({ prop, bounds }) => (
    <rect
      x={prop.x}
      y={-0.018}
      width={Math.max(0.3, bounds.right + 0.06 - prop.x)}
      height={0.018}
      rx={0.009}
      className="prop-mat"
    />
  ),
  'hand-support': ({ prop }) => {
    if (prop.y < 0.05) return null
    if (prop.y > 1) {
      return (
        <rect
          x={prop.x + 0.01}
          y={-(prop.y + 0.55)}
          width={0.07}
          height={prop.y + 0.55}
          rx={0.01}
          className="prop-wall"
        />
      )
    }
    return <Board left={prop.x - 0.09} width={0.46} y={prop.y} />
  },
  'foot-support': ({ prop }) => (prop.y < 0.03 ? null : <Board left={prop.x - 0.38} width={0.5} y={prop.y} />),
  'foot-support-ahead': ({ prop }) => (prop.y < 0.03 ? null : <Board left={prop.x} width={0.5} y={prop.y} />),
  'bench-behind': ({ prop }) => <Board left={prop.x - 0.5} width={0.5} y={prop.y} />,
  seat: ({ prop }) => <Seat x={prop.x} y={prop.y} />,
  'stool-behind': ({ prop }) => <Board left={prop.x - 0.24} width={0.48} y={prop.y} />,
  'chair-back': ({ prop }) => (
    <g>
      <rect x={prop.x - 0.02} y={-prop.y} width={0.04} height={prop.y} rx={0.014} />
      <rect x={prop.x} y={-0.46} width={0.4} height={0.05} rx={0.014} />
      <rect x={prop.x + 0.37} y={-0.42} width={0.035} height={0.42} />
    </g>
  ),
  wall: ({ prop, bounds }) => (
    <rect x={prop.x - 0.07} y={-(bounds.top + 0.1)} width={0.07} height={bounds.top + 0.1} className="prop-wall" />
  ),
  'wall-ahead': ({ prop, bounds }) => (
    <rect x={prop.x} y={-(bounds.top + 0.1)} width={0.07} height={bounds.top + 0.1} className="prop-wall" />
  ),
  door: ({ prop, bounds }) => (
    <g>
      <rect x={prop.x} y={-(bounds.top + 0.1)} width={0.05} height={bounds.top + 0.1} className="prop-wall" />
      <circle cx={prop.x - 0.02} cy={-1} r={0.025} />
    </g>
  ),
  post: ({ prop, bounds }) => (
    <rect x={prop.x} y={-(bounds.top + 0.05)} width={0.05} height={bounds.top + 0.05} className="prop-wall" />
  ),
  bar: ({ prop }) => (
    <g>
      <rect x={prop.x - 0.34} y={-prop.y - 0.045} width={0.68} height={0.045} rx={0.012} />
      <rect x={prop.x + 0.29} y={-prop.y} width={0.035} height={prop.y} />
      <rect x={prop.x - 0.325} y={-prop.y} width={0.02} height={prop.y} opacity={0.35} />
    </g>
  ),
  block: ({ prop }) => <rect x={prop.x - 0.06} y={-prop.y} width={0.13} height={prop.y} rx={0.012} />,
  'half-ball': ({ prop }) => <path d={`M${prop.x - 0.3} ${-0.02}a0.3 ${prop.y - 0.01} 0 0 1 0.6 0v0.02h-0.6Z`} />,
  'half-ball-hands': ({ prop, figure, bounds }) => {
    const at = 2 * figure.jointNames.indexOf('near_wrist')
    const x = figure.frames[0]?.[at] ?? bounds.right
    return <path d={`M${x - 0.22} ${-prop.y}h0.5a0.25 ${prop.y} 0 0 1 -0.5 0Z`} />
  },
}

/** Furniture and mats, seen from the side; heights are true. */
export function Props({ figure, bounds }: { figure: Figure; bounds: Bounds }) {
  return (
    <g className="prop">
      {figure.props.map((prop, i) => (
        <g key={i}>{drawings[prop.kind]?.({ figure, bounds, prop })}</g>
      ))}
    </g>
  )
}
