import type { Doubted } from '../doubt'
import type { Behind, InHole, Tapped } from '../fasteners'
import type { Joint } from './joint'

/** What a screw goes into. Lengths in mm. */
export interface HoleFit {
  /** What is clamped between its head and the thread. */
  readonly stack: number
  /** All washers under its head; none where it is left out. */
  readonly washers?: number
  /** From where the thread begins to what is behind; it is measured where the file does not know it. */
  readonly depth?: number
  /** Standard uncertainty of stack and depth together; 0.2 where it is left out. */
  readonly u?: number
  readonly behind: Behind
  /** What the thread is cut in. */
  readonly into: Tapped
}

/** Stack and depth by a file are not measured on this machine, mm; estimated. */
const FILE_U = 0.2
const doubtOf = ({ u }: Pick<HoleFit, 'u'>): number => u ?? FILE_U

/** How deep it is, with the doubt of a file; absent where nobody knows. */
export const depthOf = (hole: HoleFit): Doubted | undefined =>
  hole.depth === undefined ? undefined : { value: hole.depth, u: doubtOf(hole) }

/** A screw of a length in a hole as a file or a plan gives it. @param d nominal diameter, mm */
export function screwIn(hole: HoleFit, d: number, length: Doubted): InHole {
  const { washers = 0, stack, behind, into } = hole
  const depth = depthOf(hole)
  const sure = (value: number): Doubted => ({ value, u: 0 })
  return {
    length,
    washers: sure(washers),
    stack: sure(stack),
    ...(depth ? { depth } : {}),
    behind,
    into,
    d,
  }
}

/** The hole of a member: that of its fixing, with what is its own. */
export function holeOf(joint: Pick<Joint, 'hole' | 'members'>, member: string): HoleFit | undefined {
  const own = joint.members.find((m) => m.id === member)?.hole
  return joint.hole ? { ...joint.hole, ...own } : undefined
}
