import { turned } from './facing'
import type { Pose, Vec3 } from './types'

/** How a machine that no file knows may stand, one line each: its turn from the vehicle frame, degrees about x, y and z in that order. */
export const STANDS = {
  'on-its-wheels': [0, 0, 0],
  'upside-down': [180, 0, 0],
  'on-its-left': [-90, 0, 0],
  'on-its-right': [90, 0, 0],
  'on-its-tail': [0, -90, 0],
  'on-a-stand': [0, 0, 0],
} as const satisfies Readonly<Record<string, Vec3>>
export type StandId = keyof typeof STANDS
export const STAND_IDS = Object.keys(STANDS) as readonly StandId[]

/** The turn of a pose, by the machine's file or as one of `STANDS`; null where nobody knows it. An unnamed one is on its wheels. */
export function turnOfPose(pose: string | undefined, poses: readonly Pose[] = []): Vec3 | null {
  if (pose === undefined || pose === '') return poses.length === 0 ? STANDS['on-its-wheels'] : null
  return poses.find((p) => p.id === pose)?.rotation ?? (Object.hasOwn(STANDS, pose) ? STANDS[pose as StandId] : null)
}

/** From which side it is looked at: the direction from the machine to who looks. */
const TOWARDS: Readonly<Record<string, Vec3>> = {
  left: [0, 1, 0],
  right: [0, -1, 0],
  front: [1, 0, 0],
  rear: [-1, 0, 0],
  top: [0, 0, 1],
  below: [0, 0, -1],
}

/** Less of what is up than this in the plane of a picture, and nothing can be said of how it is turned in it. */
const FLAT = 0.35

/**
 * Degrees, clockwise, by which a picture of one side is turned to stand as the machine stands now: only the part of the turn that lies
 * in the picture's plane. `null` where a picture was taken, or would be, along what is up: then how it stood is said in words.
 * @param side left, right, front, rear, top or below, of the machine
 * @param then how the machine stood when it was taken, degrees about x, y and z; `now` how it stands
 */
export function turnOfPicture(side: string | undefined, then: Vec3 | null, now: Vec3 | null): number | null {
  const towards = side === undefined || !Object.hasOwn(TOWARDS, side) ? null : TOWARDS[side]!
  if (!towards || !then || !now) return null
  if (then.every((x, i) => x === now[i])) return 0
  const [a, b] = [flat(upIn(then), towards), flat(upIn(now), towards)]
  if (Math.hypot(...a) < FLAT || Math.hypot(...b) < FLAT) return null
  const degrees = (Math.atan2(dot(towards, cross(a, b)), dot(a, b)) * 180) / Math.PI
  return Math.round(degrees * 10) / 10 + 0
}

const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const cross = (a: Vec3, b: Vec3): Vec3 => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]]
const flat = (v: Vec3, n: Vec3): Vec3 => {
  const along = dot(v, n)
  return [v[0] - along * n[0], v[1] - along * n[1], v[2] - along * n[2]]
}

/** What is up, in the frame of a machine that was turned so. */
const upIn = (rotation: Vec3): Vec3 => [turned([1, 0, 0], rotation)[2], turned([0, 1, 0], rotation)[2], turned([0, 0, 1], rotation)[2]]
