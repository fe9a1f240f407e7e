import type { Pose, Vec3 } from './types'

/** The part of a direction's length below which a component is not worth a word. */
const WORTH_SAYING = 0.4

/**
 * A direction of the vehicle frame (x forward, y left, z up) as the pose has turned it in the room: about x, then y, then z, in
 * degrees.
 */
export function turned([x, y, z]: Vec3, rotation: Vec3): Vec3 {
  const [a, b, c] = rotation.map((degrees) => (degrees * Math.PI) / 180) as [number, number, number]
  const [y1, z1] = [y * Math.cos(a) - z * Math.sin(a), y * Math.sin(a) + z * Math.cos(a)]
  const [x2, z2] = [x * Math.cos(b) + z1 * Math.sin(b), -x * Math.sin(b) + z1 * Math.cos(b)]
  return [x2 * Math.cos(c) - y1 * Math.sin(c), x2 * Math.sin(c) + y1 * Math.cos(c), z2]
}

const WORDS = [
  ['forward', 'rearward'],
  ['left', 'right'],
  ['up', 'down'],
] as const

/** Directions of the vehicle frame by their words. */
export const DIRECTIONS = { up: [0, 0, 1], down: [0, 0, -1], forward: [1, 0, 0], rearward: [-1, 0, 0] } as const satisfies Readonly<
  Record<string, Vec3>
>

/** A direction in a word or two, the longer component first: `up`, `rearward and up`. @throws RangeError for a direction without length */
export function directionOf(v: Vec3): string {
  const length = Math.hypot(...v)
  if (!(length > 0) || !Number.isFinite(length)) throw new RangeError(`a direction needs a length, got ${v.join(', ')}`)
  return v
    .map((part, axis) => ({ size: Math.abs(part) / length, word: WORDS[axis]![part > 0 ? 0 : 1] }))
    .filter((p) => p.size >= WORTH_SAYING)
    .sort((p, q) => q.size - p.size)
    .map((p) => p.word)
    .join(' and ')
}

/** Where something points on the machine, and where that is in the room for one who stands behind it and looks forward. */
export function pointing(v: Vec3, pose: Pick<Pose, 'rotation'>): { readonly own: string; readonly now: string } {
  return { own: directionOf(v), now: directionOf(turned(v, pose.rotation)) }
}

/** What has become of the machine's left and right in a pose, for one who stands behind it; null where they are as ever. */
export function sidesIn(pose: Pick<Pose, 'rotation'>): { readonly left: string; readonly right: string } | null {
  const left = pointing([0, 1, 0], pose)
  return left.own === left.now ? null : { left: left.now, right: pointing([0, -1, 0], pose).now }
}
