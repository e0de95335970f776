import type { Figure } from '../api'
import { angleOf, limb, mix, type Point, type Pose } from './geometry'

/** Half length of a thing's drawing, metres: grows with the cube root of its mass, as solids do. */
const sizeOf = (kg: number, atTenKg: number) => atTenKg * Math.cbrt(Math.max(0.5, kg) / 10)

/** @param seen Share of its length that shows: less when the handle points towards whoever looks. */
function Dumbbell({ at, turn, kg, seen = 1 }: { at: Point; turn: number; kg: number; seen?: number }) {
  const half = seen * sizeOf(kg, 0.15)
  const head = sizeOf(kg, 0.062)
  return (
    <g transform={`translate(${at[0]} ${-at[1]}) rotate(${-turn})`} className="thing">
      <rect x={-half} y={-0.012} width={2 * half} height={0.024} rx={0.008} />
      {[-1, 1].map((end) => (
        <g key={end}>
          <rect
            x={end * half - 0.042 - (end > 0 ? 0.03 : -0.03)}
            y={-head}
            width={0.084}
            height={2 * head}
            rx={0.016}
          />
          <rect x={end * half - 0.018} y={-0.7 * head} width={0.036} height={1.4 * head} rx={0.01} />
        </g>
      ))}
    </g>
  )
}

/** A dumbbell seen along its handle. */
function DumbbellEnd({ at, kg }: { at: Point; kg: number }) {
  const head = sizeOf(kg, 0.09)
  const corners = [0, 60, 120, 180, 240, 300].map((degrees) => {
    const radians = ((degrees + 30) * Math.PI) / 180
    return `${at[0] + head * Math.cos(radians)},${-at[1] + head * Math.sin(radians)}`
  })
  return (
    <g className="thing">
      <polygon points={corners.join(' ')} strokeLinejoin="round" />
      <circle cx={at[0]} cy={-at[1]} r={0.3 * head} className="thing-hollow" />
    </g>
  )
}

function Kettlebell({ at, kg, up }: { at: Point; kg: number; up: boolean }) {
  const ball = sizeOf(kg, 0.09)
  const drop = up ? -1 : 1
  const middle = -at[1] + drop * (ball + 0.06)
  return (
    <g className="thing">
      <path
        className="thing-line"
        strokeWidth={0.032}
        d={[
          `M${at[0] - 0.72 * ball} ${middle - drop * 0.5 * ball}`,
          `C${at[0] - 0.95 * ball} ${-at[1] - drop * 0.02}`,
          ` ${at[0] + 0.95 * ball} ${-at[1] - drop * 0.02}`,
          ` ${at[0] + 0.72 * ball} ${middle - drop * 0.5 * ball}`,
        ].join('')}
      />
      <circle cx={at[0]} cy={middle} r={ball} />
      <ellipse
        cx={at[0] - 0.3 * ball}
        cy={middle - 0.35 * ball}
        rx={0.2 * ball}
        ry={0.3 * ball}
        className="thing-hollow"
        opacity={0.35}
      />
    </g>
  )
}

/** A jug with a handle, held by it. */
function Jug({ at, kg }: { at: Point; kg: number }) {
  const half = sizeOf(kg, 0.095)
  const top = -at[1] + 0.04
  return (
    <g className="thing">
      <path
        className="thing-line"
        strokeWidth={0.026}
        d={`M${at[0] - 0.6 * half} ${top + 0.05}v-0.04q0 -0.03 0.03 -0.03h${1.2 * half - 0.06}q0.03 0 0.03 0.03v0.04`}
      />
      <path
        d={[
          `M${at[0] - 0.75 * half} ${top + 0.04}h${1.5 * half}`,
          `q${0.35 * half} 0.03 ${0.35 * half} ${0.5 * half}v${1.7 * half}`,
          `q0 0.03 -0.03 0.03h${-2.2 * half + 0.06}`,
          `q-0.03 0 -0.03 -0.03v${-1.7 * half}`,
          `q0 ${-0.5 * half + 0.03} ${0.35 * half} ${-0.5 * half}Z`,
        ].join('')}
        strokeLinejoin="round"
      />
      <path className="thing-mark" strokeWidth={0.012} d={`M${at[0] - 0.8 * half} ${top + 1.2 * half}h${1.6 * half}`} />
    </g>
  )
}

/** A sack held against the body, or laid across it. */
function Sack({ at, kg, flat = false }: { at: Point; kg: number; flat?: boolean }) {
  const half = sizeOf(kg, 0.13)
  const [wide, high] = flat ? [half, 0.55 * half] : [0.75 * half, half]
  return (
    <g className="thing">
      <path
        strokeLinejoin="round"
        d={[
          `M${at[0] - wide} ${-at[1] + high}`,
          `q${-0.25 * wide} ${-high} ${0.15 * wide} ${-2 * high}`,
          `q${0.85 * wide} ${0.35 * high} ${1.7 * wide} 0`,
          `q${0.4 * wide} ${high} ${0.15 * wide} ${2 * high}`,
          `q${-wide} ${0.25 * high} ${-2 * wide} 0Z`,
        ].join('')}
      />
      <path
        className="thing-mark"
        strokeWidth={0.012}
        d={`M${at[0] - 0.7 * wide} ${-at[1] - 0.55 * high}q${0.7 * wide} ${0.3 * high} ${1.4 * wide} 0`}
      />
    </g>
  )
}

function Rucksack({ figure, pose, front }: { figure: Figure; pose: Pose; front: boolean }) {
  const hip = pose.at('hip')
  const shoulder = pose.at('shoulder')
  const turn = angleOf(hip, shoulder)
  const height = figure.heightM
  const depth = sizeOf(figure.load.kg, 0.15)
  const length = 0.21 * height
  const middle = mix(hip, shoulder, 0.66)
  // In the trunk's own frame: along it to the right, its back upwards.
  const side = front ? 1 : -1
  return (
    <g transform={`translate(${middle[0]} ${-middle[1]}) rotate(${-turn})`} className="thing">
      <rect
        x={-length / 2}
        y={side > 0 ? 0.055 * height : -0.055 * height - depth}
        width={length}
        height={depth}
        rx={0.05}
      />
      <path
        className="thing-mark"
        strokeWidth={0.012}
        d={[
          `M${0.16 * length} ${side * (0.055 * height + 0.15 * depth)}v${side * 0.7 * depth}`,
          `M${-0.35 * length} ${side * (0.055 * height + 0.8 * depth)}h${0.38 * length}`,
        ].join('')}
      />
      <path
        className="thing-line"
        strokeWidth={0.022}
        d={`M${0.4 * length} ${side * 0.056 * height}q0.07 ${-side * 0.055 * height} 0 ${-side * 0.1 * height}`}
      />
    </g>
  )
}

/** A band from what holds it to the hand; thinner the further it is stretched. */
function Strand({ from, to, shortest }: { from: Point; to: Point; shortest: number }) {
  const length = Math.hypot(from[0] - to[0], from[1] - to[1])
  const width = 0.034 * Math.sqrt(Math.max(0.1, shortest) / Math.max(shortest, length, 0.1))
  return (
    <g className="strand">
      <line x1={from[0]} y1={-from[1]} x2={to[0]} y2={-to[1]} strokeWidth={width + 0.016} className="strand-edge" />
      <line x1={from[0]} y1={-from[1]} x2={to[0]} y2={-to[1]} strokeWidth={width} />
      <path className="strand-grip" d={limb(to, to, 0.024, 0.024)} />
    </g>
  )
}

function shortestOf(figure: Figure, hand: string): number {
  const band = 2 * figure.jointNames.indexOf(`${hand}_band`)
  const grip = 2 * figure.jointNames.indexOf(`${hand}_${figure.bandEnd}`)
  return Math.min(
    ...figure.frames.map((frame) =>
      Math.hypot((frame[band] ?? 0) - (frame[grip] ?? 0), (frame[band + 1] ?? 0) - (frame[grip + 1] ?? 0)),
    ),
  )
}

/** How far the forearm is bent on the upper arm, 0 straight to 1 at a right angle and beyond. */
function bent(pose: Pose, hand: string): number {
  const upperArm = angleOf(pose.at(`${hand}_shoulder`), pose.at(`${hand}_elbow`))
  const forearm = angleOf(pose.at(`${hand}_elbow`), pose.at(`${hand}_grip`))
  return Math.min(1, Math.abs(((forearm - upperArm + 540) % 360) - 180) / 90)
}

/** Palms up or down turn the handle towards whoever looks; palms in show it whole. */
function handleSeen(figure: Figure, pose: Pose, hand: string): number {
  if (figure.view === 'front' || figure.palms === '' || figure.palms === 'in') return 1
  return figure.palms === 'turning' ? 1 - bent(pose, hand) : 0
}

/** The side of the hand the fingers close on, a unit away from the forearm's line. */
function palmSide(pose: Pose, hand: string): Point {
  const elbow = pose.at(`${hand}_elbow`)
  const grip = pose.at(`${hand}_grip`)
  const long = Math.hypot(grip[0] - elbow[0], grip[1] - elbow[1]) || 1
  return [-(grip[1] - elbow[1]) / long, (grip[0] - elbow[0]) / long]
}

/** Thumb or knuckles of the near hand: what tells a curl with palms up from one with palms in or down. */
function HandMark({ figure, pose }: { figure: Figure; pose: Pose }) {
  if (figure.view === 'front' || figure.palms === '') return null
  const grip = pose.at('near_grip')
  const [x, y] = palmSide(pose, 'near')
  const at = (across: number, along: number): Point => [
    grip[0] + across * x + along * y,
    grip[1] + across * y - along * x,
  ]
  if (figure.palms === 'down') {
    return (
      <g className="hand-mark">
        {[-0.03, -0.005, 0.02].map((along) => {
          const [cx, cy] = at(0.03, along)
          return <circle key={along} cx={cx} cy={-cy} r={0.015} />
        })}
      </g>
    )
  }
  if (handleSeen(figure, pose, 'near') > 0.5)
    return <path className="hand-mark" d={limb(at(0.01, 0), at(0.07, 0.01), 0.018, 0.013)} />
  const [cx, cy] = at(0.0, 0.01)
  return <circle className="hand-mark" cx={cx} cy={-cy} r={0.022} />
}

function HeldThing({ figure, pose, hand }: { figure: Figure; pose: Pose; hand: string }) {
  const { implement, kg } = figure.load
  const at = pose.at(`${hand}_grip`)
  const elbow = pose.at(`${hand}_elbow`)
  const forearm = angleOf(elbow, at)
  if (implement === 'kettlebell') return <Kettlebell at={at} kg={kg} up={false} />
  if (implement === 'object' || implement === 'pourable') return <Jug at={at} kg={kg} />
  // A bag hangs from its loop.
  if (implement === 'rucksack') return <Sack at={[at[0], at[1] - 0.16]} kg={kg} />
  if (figure.view === 'front' && !(forearm > 45 && forearm < 135)) return <DumbbellEnd at={at} kg={kg} />
  const seen = handleSeen(figure, pose, hand)
  if (seen > 0.35) return <Dumbbell at={at} turn={forearm + 90} kg={kg} seen={seen} />
  const [x, y] = palmSide(pose, hand)
  const over = figure.palms === 'down' ? -0.035 : 0.035
  return <DumbbellEnd at={[at[0] + over * x, at[1] + over * y]} kg={kg} />
}

const hasBand = (figure: Figure) => figure.jointNames.includes('near_band')

function Strands({ figure, pose, hands }: { figure: Figure; pose: Pose; hands: string[] }) {
  return hands.map((hand) => (
    <Strand
      key={hand}
      from={pose.at(`${hand}_band`)}
      to={pose.at(`${hand}_${figure.bandEnd}`)}
      shortest={shortestOf(figure, hand)}
    />
  ))
}

/** What the near side, or both hands together, carry: in front of the body. */
export function NearLoads({ figure, pose }: { figure: Figure; pose: Pose }) {
  const hands = figure.view === 'front' && figure.load.bothHands ? ['near', 'far'] : ['near']
  return (
    <>
      {hasBand(figure) && <Strands figure={figure} pose={pose} hands={hands} />}
      <NearMass figure={figure} pose={pose} />
      <HandMark figure={figure} pose={pose} />
    </>
  )
}

function NearMass({ figure, pose }: { figure: Figure; pose: Pose }) {
  const { point, implement, kg } = figure.load
  if (point === 'hands') {
    const hands = figure.view === 'front' && figure.load.bothHands ? ['near', 'far'] : ['near']
    return (
      <>
        {hands.map((hand) => (
          <HeldThing key={hand} figure={figure} pose={pose} hand={hand} />
        ))}
      </>
    )
  }
  if (point === 'goblet') {
    const at = mix(pose.at('near_grip'), pose.at('far_grip'), 0.5)
    if (implement === 'kettlebell') return <Kettlebell at={at} kg={kg} up={false} />
    if (implement === 'object' || implement === 'rucksack') return <Sack at={at} kg={kg} />
    return <Dumbbell at={[at[0], at[1] - 0.04]} turn={90} kg={kg} />
  }
  if (point === 'hips') {
    const hip = pose.at('hip')
    const shoulder = pose.at('shoulder')
    const lean = Math.atan2(shoulder[1] - hip[1], shoulder[0] - hip[0])
    // On top of the hips, square to the trunk, whichever way the person lies.
    const up: Point = [Math.abs(Math.sin(lean)) * Math.sign(Math.cos(lean) || 1) * 0.06, 0.075 * figure.heightM + 0.03]
    const at: Point = [hip[0] + up[0], hip[1] + up[1]]
    return implement === 'dumbbell' ? <Dumbbell at={at} turn={90} kg={kg} /> : <Sack at={at} kg={kg} flat />
  }
  if (point === 'one-side') return <HeldThing figure={figure} pose={pose} hand="near" />
  if (point === 'knees') {
    const knee = pose.at('near_knee')
    return <Sack at={[knee[0] - 0.1, knee[1] + 0.12]} kg={kg} flat />
  }
  if (point === 'ankles') {
    const ankle = pose.at('near_ankle')
    return (
      <g className="thing">
        <circle cx={ankle[0]} cy={-ankle[1] - 0.04} r={0.055} />
      </g>
    )
  }
  return null
}

/** What hangs behind the near limbs: the far hand's load and anything worn. */
export function FarLoads({ figure, pose }: { figure: Figure; pose: Pose }) {
  const showsFarHand = figure.view !== 'front' && figure.load.bothHands
  return (
    <>
      {hasBand(figure) && showsFarHand && (
        <g opacity={0.5}>
          <Strands figure={figure} pose={pose} hands={['far']} />
        </g>
      )}
      <FarMass figure={figure} pose={pose} />
    </>
  )
}

function FarMass({ figure, pose }: { figure: Figure; pose: Pose }) {
  const { point } = figure.load
  if (point === 'front' && figure.load.implement !== 'rucksack') {
    const at = mix(pose.at('hip'), pose.at('shoulder'), 0.72)
    return <Sack at={[at[0] + 0.02, at[1] + 0.1]} kg={figure.load.kg} flat />
  }
  if (point === 'back' || point === 'front') {
    return <Rucksack figure={figure} pose={pose} front={point === 'front'} />
  }
  if (figure.view === 'front' || !figure.load.bothHands) return null
  if (point === 'hands') {
    return (
      <g opacity={0.55}>
        <HeldThing figure={figure} pose={pose} hand="far" />
      </g>
    )
  }
  return null
}
