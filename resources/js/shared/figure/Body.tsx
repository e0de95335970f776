import type { Figure } from '../api'
import { limb, mix, polygon, type Point, type Pose } from './geometry'

/** Half thickness of each part where it starts and ends, as a share of body height; drawn, not measured. */
const THICK = {
  thigh: [0.05, 0.034],
  shank: [0.034, 0.019],
  upper_arm: [0.029, 0.022],
  forearm: [0.023, 0.015],
  hand: [0.017, 0.011],
  trunk: [0.058, 0.068],
  head: 0.062,
} as const

/** Overlapping parts as one shape: outlined together first, then filled, so that no line crosses a joint. */
function Silhouette({ parts, tone }: { parts: string[]; tone: string }) {
  return (
    <g className={tone}>
      {parts.map((d, i) => (
        <path key={`edge ${i}`} d={d} className="silhouette-edge" />
      ))}
      {parts.map((d, i) => (
        <path key={i} d={d} />
      ))}
    </g>
  )
}

interface LimbProps {
  pose: Pose
  side: string
  height: number
  tone: string
}

function Leg({ pose, side, height, tone }: LimbProps) {
  const at = (joint: string) => pose.at(`${side}_${joint}`)
  const sole = 0.012 * height
  return (
    <Silhouette
      tone={tone}
      parts={[
        limb(at('hip'), at('knee'), THICK.thigh[0] * height, THICK.thigh[1] * height),
        limb(at('knee'), at('ankle'), THICK.shank[0] * height, THICK.shank[1] * height),
        limb(at('ankle'), at('heel'), THICK.shank[1] * height, sole),
        limb(at('ankle'), at('ball'), THICK.shank[1] * height, sole),
        polygon([at('ankle'), at('heel'), at('ball')]),
        limb(at('heel'), at('ball'), sole, sole),
        limb(at('ball'), at('toe'), sole, 0.8 * sole),
      ]}
    />
  )
}

function Arm({ pose, side, height, tone, closed }: LimbProps & { closed: boolean }) {
  const at = (joint: string) => pose.at(`${side}_${joint}`)
  const end = closed ? at('grip') : mix(at('wrist'), at('fingertip'), 0.75)
  return (
    <Silhouette
      tone={tone}
      parts={[
        limb(at('shoulder'), at('elbow'), THICK.upper_arm[0] * height, THICK.upper_arm[1] * height),
        limb(at('elbow'), at('wrist'), THICK.forearm[0] * height, THICK.forearm[1] * height),
        limb(at('wrist'), end, THICK.hand[0] * height, (closed ? 0.019 : THICK.hand[1]) * height),
      ]}
    />
  )
}

function Trunk({ figure, pose }: { figure: Figure; pose: Pose }) {
  const height = figure.heightM
  if (figure.view !== 'front') {
    return (
      <path
        className="body-trunk"
        d={limb(pose.at('hip'), pose.at('shoulder'), THICK.trunk[0] * height, THICK.trunk[1] * height)}
      />
    )
  }
  const [hip, shoulder] = [pose.at('hip'), pose.at('shoulder')]
  const across = (centre: Point, half: number, up: number): Point => [
    centre[0] + half * height,
    centre[1] + up * height,
  ]
  return (
    <path
      className="body-trunk"
      stroke="var(--figure-shirt)"
      strokeWidth={0.03 * height}
      strokeLinejoin="round"
      d={polygon([
        across(shoulder, -0.11, 0.005),
        across(shoulder, -0.04, 0.03),
        across(shoulder, 0.04, 0.03),
        across(shoulder, 0.11, 0.005),
        across(mix(hip, shoulder, 0.4), 0.07, 0),
        across(hip, 0.082, -0.02),
        across(hip, -0.082, -0.02),
        across(mix(hip, shoulder, 0.4), -0.07, 0),
      ])}
    />
  )
}

/** A person: far limbs behind, trunk and head, near limbs in front; the load is drawn between by the caller. */
export function Body({ figure, pose, between }: { figure: Figure; pose: Pose; between?: React.ReactNode }) {
  const height = figure.heightM
  const front = figure.view === 'front'
  const [crownX, crownY] = pose.at('head')
  const shoulder = pose.at('shoulder')
  const radius = THICK.head * height
  const toCrown = Math.hypot(crownX - shoulder[0], crownY - shoulder[1]) || 1
  const centre = mix(shoulder, [crownX, crownY], 1 - radius / toCrown)
  const far = front ? 'body-near' : 'body-far'
  const closed = ['hands', 'goblet', 'band'].includes(figure.load.point)
  return (
    <g>
      <Leg pose={pose} side="far" height={height} tone={far} />
      {!front && <Arm pose={pose} side="far" height={height} tone={far} closed={closed} />}
      <path className="body-skin" d={limb(shoulder, centre, 0.032 * height, 0.028 * height)} />
      <Trunk figure={figure} pose={pose} />
      <ellipse
        className="body-skin"
        cx={centre[0]}
        cy={-centre[1]}
        rx={0.88 * radius}
        ry={radius * 1.06}
        transform={`rotate(${(Math.atan2(crownX - shoulder[0], crownY - shoulder[1]) * 180) / Math.PI} ${centre[0]} ${-centre[1]})`}
      />
      {between}
      <Leg pose={pose} side="near" height={height} tone="body-near" />
      <Arm pose={pose} side="near" height={height} tone="body-near" closed={closed} />
      {front && <Arm pose={pose} side="far" height={height} tone="body-near" closed={closed} />}
    </g>
  )
}
