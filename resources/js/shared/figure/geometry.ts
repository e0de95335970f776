import type { Figure } from '../api'

/** A place in the picture's plane: x forward, y up, metres. */
export type Point = readonly [number, number]

export interface Pose {
  at(joint: string): Point
  has(joint: string): boolean
}

/**
 * Where every joint is at a phase of the movement, between the frames the API sent.
 *
 * @param phase 0 at the start of the lifting phase, 1 at its end; values beyond are held at the ends.
 */
export function poseAt(figure: Figure, phase: number): Pose {
  const last = figure.frames.length - 1
  const place = Math.min(1, Math.max(0, phase)) * last
  const from = Math.min(last, Math.floor(place))
  const before = figure.frames[from] ?? []
  const after = figure.frames[Math.min(last, from + 1)] ?? before
  const share = place - from
  const index = new Map(figure.jointNames.map((name, i) => [name, 2 * i]))
  const between = (i: number) => (before[i] ?? 0) + share * ((after[i] ?? 0) - (before[i] ?? 0))
  return {
    has: (joint) => index.has(joint),
    at: (joint) => {
      const i = index.get(joint)
      if (i === undefined) throw new Error(`The figure has no joint called "${joint}".`)
      return [between(i), between(i + 1)]
    },
  }
}

export interface Bounds {
  left: number
  right: number
  bottom: number
  top: number
}

/** What all frames together reach, metres; the floor always belongs to it. */
export function boundsOf(figure: Figure): Bounds {
  const bounds = { left: Infinity, right: -Infinity, bottom: 0, top: 0.3 }
  for (const frame of figure.frames) {
    for (let i = 0; i + 1 < frame.length; i += 2) {
      const x = frame[i] ?? 0
      const y = frame[i + 1] ?? 0
      bounds.left = Math.min(bounds.left, x)
      bounds.right = Math.max(bounds.right, x)
      bounds.bottom = Math.min(bounds.bottom, y)
      bounds.top = Math.max(bounds.top, y)
    }
  }
  for (const prop of figure.props) {
    const [back, ahead] = ROOM[prop.kind] ?? [0.3, 0.3]
    if (prop.kind !== 'mat' && !(prop.kind.endsWith('support') && prop.y < 0.05)) {
      bounds.left = Math.min(bounds.left, prop.x - back)
      bounds.right = Math.max(bounds.right, prop.x + ahead)
      bounds.top = Math.max(bounds.top, prop.y)
    }
  }
  return bounds
}

/** How far each kind of furniture is drawn behind and ahead of its place, metres. */
const ROOM: Record<string, [number, number]> = {
  'hand-support': [0.1, 0.4],
  'foot-support': [0.4, 0.14],
  'foot-support-ahead': [0, 0.5],
  'bench-behind': [0.5, 0],
  seat: [0.24, 0.22],
  'chair-back': [0.02, 0.42],
  wall: [0.08, 0],
  'wall-ahead': [0, 0.08],
  door: [0.04, 0.06],
  post: [0, 0.06],
  bar: [0.36, 0.36],
  block: [0.08, 0.08],
}

export const mix = (a: Point, b: Point, share: number): Point => [
  a[0] + share * (b[0] - a[0]),
  a[1] + share * (b[1] - a[1]),
]

const fixed = (value: number) => value.toFixed(4)

/** SVG path of a tapered limb with round ends: two circles and the hull around them. Y is turned downward here. */
export function limb(from: Point, to: Point, fromRadius: number, toRadius: number): string {
  const dx = to[0] - from[0]
  const dy = to[1] - from[1]
  const length = Math.hypot(dx, dy)
  if (length < Math.abs(fromRadius - toRadius) + 1e-6) {
    const radius = Math.max(fromRadius, toRadius)
    const [x, y] = fromRadius >= toRadius ? from : to
    const half = (across: number) => `a${fixed(radius)} ${fixed(radius)} 0 1 0 ${fixed(across)} 0`
    return `M${fixed(x - radius)} ${fixed(-y)}${half(2 * radius)}${half(-2 * radius)}Z`
  }
  // The common tangents touch both circles at this angle off the axis.
  const axis = Math.atan2(dy, dx)
  const off = Math.acos((fromRadius - toRadius) / length)
  const touch = (centre: Point, radius: number, angle: number) =>
    `${fixed(centre[0] + radius * Math.cos(angle))} ${fixed(-(centre[1] + radius * Math.sin(angle)))}`
  const r1 = fixed(fromRadius)
  const r2 = fixed(toRadius)
  const wideAtTo = off > Math.PI / 2 ? 1 : 0
  return [
    `M${touch(from, fromRadius, axis + off)}`,
    `L${touch(to, toRadius, axis + off)}`,
    `A${r2} ${r2} 0 ${wideAtTo} 1 ${touch(to, toRadius, axis - off)}`,
    `L${touch(from, fromRadius, axis - off)}`,
    `A${r1} ${r1} 0 ${1 - wideAtTo} 1 ${touch(from, fromRadius, axis + off)}`,
    'Z',
  ].join('')
}

/** SVG path of a closed shape through points. */
export function polygon(points: readonly Point[]): string {
  return `M${points.map(([x, y]) => `${fixed(x)} ${fixed(-y)}`).join('L')}Z`
}

/** Degrees, counter-clockwise from "to the right", of the way from one point to another. */
export const angleOf = (from: Point, to: Point) => (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI
