import { scaleLinear } from 'd3-scale'
import type { Rail, RailRung } from '../../shared/api'
import { signed } from '../../shared/lib/counts'
import { hungBelow } from '../../shared/plot'
import { clustered } from './cluster'

const WIDTH = 1180
const SIDE = 40
const RAIL_Y = 92
const TAG = { width: 118, height: 44, row: 54 }

interface RailBoardProps {
  rail: Rail
  rungs: RailRung[]
  range: [number, number]
  focused: string | null
  onFocus: (key: string) => void
  onOpen: (low: number, high: number) => void
}

function tone(rung: RailRung): string {
  if (rung.isNow) return 'now'
  if (rung.jumpPercent !== null) return rung.isBigJump ? 'far' : 'next'
  return 'plain'
}

/** All rungs of one pattern on one axis: pegs with their spread, the wanted window, tags where they matter. */
export function RailBoard({ rail, rungs, range, focused, onFocus, onOpen }: RailBoardProps) {
  const x = scaleLinear(range, [SIDE, WIDTH - SIDE]).clamp(false)
  const inView = rungs.filter((rung) => rung.kg >= range[0] - 1e-9 && rung.kg <= range[1] + 1e-9)
  const groups = clustered(
    inView.map((rung) => x(rung.kg)),
    23,
  )
  const tagged = inView.filter((rung) => rung.isNow || rung.jumpPercent !== null || rung.key === focused)
  const rows = hungBelow(
    tagged.map((rung) => x(rung.kg)),
    TAG.width + 8,
  )
  const height = RAIL_Y + 40 + Math.max(1, 1 + Math.max(0, ...rows)) * TAG.row
  const tagX = (kg: number) => Math.min(WIDTH - 4 - TAG.width / 2, Math.max(4 + TAG.width / 2, x(kg)))
  const window =
    rail.windowLowKg === null || rail.windowHighKg === null
      ? null
      : {
          from: Math.max(0, x(rail.windowLowKg)),
          to: Math.min(WIDTH, x(rail.windowHighKg)),
        }
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="rail w-full"
      role="group"
      aria-label={`Rail: ${rail.name}, ${rail.unit}`}
    >
      {window && window.to > window.from && (
        <g>
          <rect x={window.from} y={30} width={window.to - window.from} height={RAIL_Y - 30} className="rail-window" />
          <text x={Math.min(WIDTH - 150, Math.max(4, window.from + 6))} y={46} className="rail-window-name">
            wanted for {rail.goal.toLowerCase()}
          </text>
        </g>
      )}
      {x.ticks(10).map((tick) => (
        <g key={tick}>
          <line x1={x(tick)} x2={x(tick)} y1={RAIL_Y - 6} y2={RAIL_Y} className="rail-tick" />
          <text x={x(tick)} y={20} textAnchor="middle" className="plot-number">
            {tick === 0 ? `bare ${rail.reference.toLowerCase()}` : signed(tick)}
          </text>
        </g>
      ))}
      <rect x={0} y={RAIL_Y} width={WIDTH} height={6} rx={2} className="rail-board" />
      <rect x={0} y={RAIL_Y + 7.5} width={WIDTH} height={3} className="rail-lip" />
      {tagged.map((rung, i) => (
        <line
          key={rung.key}
          x1={x(rung.kg)}
          x2={tagX(rung.kg)}
          y1={RAIL_Y + 6}
          y2={RAIL_Y + 26 + (rows[i] ?? 0) * TAG.row}
          className="rail-string"
        />
      ))}
      {groups.map((group) => {
        const members = group.map((i) => inView[i]).filter((rung) => rung !== undefined)
        const first = members[0]
        const last = members[members.length - 1]
        if (!first || !last) return null
        const chosen = members.find((rung) => rung.key === focused)
        const shown =
          chosen ?? members.find((rung) => rung.isNow) ?? members.find((rung) => rung.jumpPercent !== null) ?? first
        const middle = (x(first.kg) + x(last.kg)) / 2
        const many = members.length > 1
        return (
          <g
            key={first.key}
            role="button"
            tabIndex={-1}
            aria-label={
              many
                ? `${members.length} settings from ${signed(first.kg)} to ${signed(last.kg)} ${rail.unit}: look closer`
                : `${shown.exercise}: ${signed(shown.shownKg)} ${rail.unit}, ${shown.words}`
            }
            className={`rail-rung rail-rung-${tone(shown)} ${chosen ? 'rail-rung-focused' : ''}`}
            onMouseEnter={() => !many && onFocus(shown.key)}
            onClick={() => (many && last.kg - first.kg > 0.05 ? onOpen(first.kg, last.kg) : onFocus(shown.key))}
          >
            <line
              x1={x(Math.min(...members.map((rung) => rung.lowKg)))}
              x2={x(Math.max(...members.map((rung) => rung.highKg)))}
              y1={RAIL_Y + 3}
              y2={RAIL_Y + 3}
              className={chosen || shown.isNow ? 'rail-spread' : 'rail-spread-faint'}
            />
            <rect x={middle - 11} y={RAIL_Y - 34} width={22} height={34} className="rail-catch" />
            <line x1={middle} x2={middle} y1={RAIL_Y - 22} y2={RAIL_Y} className="rail-peg" />
            <circle cx={middle} cy={RAIL_Y - 25} r={many ? 10 : 6} className="rail-knob" />
            {many && (
              <text x={middle} y={RAIL_Y - 20.5} textAnchor="middle" className="rail-count">
                {members.length}
              </text>
            )}
          </g>
        )
      })}
      {tagged.map((rung, i) => {
        const top = RAIL_Y + 26 + (rows[i] ?? 0) * TAG.row
        const left = tagX(rung.kg) - TAG.width / 2
        return (
          <g
            key={rung.key}
            className={`rail-rung rail-rung-${tone(rung)} ${rung.key === focused ? 'rail-rung-focused' : ''}`}
            onClick={() => onFocus(rung.key)}
          >
            <rect x={left} y={top} width={TAG.width} height={TAG.height} rx={5} className="rail-tag" />
            <text x={left + TAG.width / 2} y={top + 18} textAnchor="middle" className="rail-kg">
              {signed(rung.shownKg)} kg
              {rung.jumpPercent !== null && ` · ${rung.jumpPercent > 0 ? '+' : '−'}${Math.abs(rung.jumpPercent)} %`}
            </text>
            <text x={left + TAG.width / 2} y={top + 35} textAnchor="middle" className="rail-name">
              {rung.exercise.length > 19 ? `${rung.exercise.slice(0, 18)}…` : rung.exercise}
            </text>
          </g>
        )
      })}
    </svg>
  )
}
