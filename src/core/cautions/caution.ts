import {
  type Connection,
  type Doing,
  type FileStep,
  fullChargeVolts,
  type Joint,
  type MachineFile,
  type Part,
  type Pose,
  type Tool,
} from '../machine'

import { voltageClass } from '../safety'

/** A step as a caution sees it. */
export interface At {
  readonly file: MachineFile
  /** `undo:left-nut` and its like. */
  readonly action: string
  /** Id in the file of the fixing, part, plug or step. */
  readonly subject: string
  /** The fixing, where the step is about one. */
  readonly joint?: Joint
  /** Fixings that come away with it. */
  readonly along?: readonly Joint[]
  /** The plug, where it is about one. */
  readonly connection?: Connection
  /** The part that is lifted away or goes back, where it is about one. */
  readonly part?: Part
  /** The file's own step, where it is one. */
  readonly step?: FileStep
  /** Words of the step on this limb. */
  readonly doing?: Doing
  /** The tool in hand, and what is used beside it. */
  readonly tools?: readonly Tool[]
  /** How the machine stands. */
  readonly pose?: string
  readonly limb: 'down' | 'up'
}

/** A turn of the machine as a caution sees it. */
export interface Turning {
  readonly file: MachineFile
  readonly from: Pose
  readonly to: Pose
  readonly people: 1 | 2
  /** What it is turned or held up with. */
  readonly tools: readonly Tool[]
}

/** Sheets that tell cautions of their own. */
export const CAUTION_SHEETS = ['dead', 'spin test', 'ride', 'stuck', 'warming', 'turned', 'pack', 'insulation test'] as const
export type CautionSheet = (typeof CAUTION_SHEETS)[number]

/** What a sheet knows of the machine: full charge in volts, or null, and its file where there is one. */
export interface OnSheet {
  readonly file: MachineFile | null
  /** Class B, or nobody knows. */
  readonly high: boolean
}

interface Where {
  /** Where it follows from what a step is. */
  readonly when: (at: At) => boolean
  /** Where it follows from how the machine is turned. */
  readonly turning: (turn: Turning) => boolean
  /** Sheets that tell it, and on which machines; on all where it is `true`. */
  readonly sheets: Readonly<Partial<Record<CautionSheet, true | ((on: OnSheet) => boolean)>>>
  /** It stands where a machine file names it: no rule can tell. */
  readonly named: true
}

/** What calls a caution up. One that nothing calls up does not compile. */
export type CautionRule = Partial<Where> & { [K in keyof Where]: Pick<Where, K> }[keyof Where]

/** The pack's plug goes in, or the mains: from here on it is live. */
export const makesLive = ({ file, action, subject, limb }: At): boolean =>
  limb === 'up' &&
  (action === `unplug:${file.pack?.plug ?? ''}` || (!file.pack && file.energy.some((e) => e.kind === 'mains' && e.releasedBy === subject)))

/** Above 60 V when full, or fed by the mains. */
export const isHigh = (file: MachineFile): boolean =>
  file.pack ? voltageClass(fullChargeVolts(file.pack)) === 'B' : file.energy.some((e) => e.kind === 'mains')

/** The step that proves it dead. */
export const provesDead = ({ step }: At): boolean => step?.check === 'dead'

/** A tool of one of these kinds is in hand, or used beside it. */
export const uses = ({ tools = [] }: { readonly tools?: readonly Tool[] }, ...kinds: readonly string[]): boolean =>
  tools.some((t) => kinds.includes(t.kind))

/** What lifts, so that nobody's back does. */
export const LIFTERS = ['hoist', 'jack'] as const

/** What a raised machine stands on. */
export const STANDS = ['stand', 'stands', 'block', 'blocks', 'bench'] as const

/** How far a pose leans from upright, degrees: 0 upright, 90 on its side, 180 on its head. */
export function lean({ rotation: [x, y] }: Pose): number {
  const rad = Math.PI / 180
  return (Math.acos(Math.max(-1, Math.min(1, Math.cos(x * rad) * Math.cos(y * rad)))) * 180) / Math.PI
}

/** It is laid over: from here on it hangs where it stood. */
export const laidOver = ({ from, to }: Turning): boolean => Math.abs(lean(to) - lean(from)) >= 45

/** Does the step have a fixing of a kind, its own or one that comes along? */
export const hasKind = ({ joint, along = [] }: At, kind: Joint['kind']): boolean =>
  joint?.kind === kind || along.some((j) => j.kind === kind)

/** The part that a fixing, or what is lifted, is about and everything that the fixing holds. */
export const partsAt = ({ file, part, joint }: At): readonly Part[] =>
  joint ? joint.holds.flatMap((id) => file.parts.find((p) => p.id === id) ?? []) : part ? [part] : []

export const isDrive = (file: MachineFile, id: string): boolean => file.drives.some((d) => d.part === id)

/** Screws that go into a motor or close one: into its shell, not into what carries it. */
export const intoMotor = ({ file, joint }: At): boolean =>
  joint?.kind === 'screws' &&
  joint.members.length > 1 &&
  file.drives.some((d) => joint.holds.includes(d.part) && !joint.holds.includes(d.carriedBy) && d.kind !== 'actuator')

/** A cover goes on over gears or windings. */
export const closesDrive = (at: At): boolean =>
  at.limb === 'up' && intoMotor(at) && partsAt(at).some((p) => !isDrive(at.file, p.id) && (p.role === 'gearbox' || p.role === 'motor'))

/** Washers of an axle whose nut is critical: the tab holds the axle. */
export const axleWashers = ({ file, joint, limb }: At): boolean =>
  limb === 'up' &&
  joint?.kind === 'washers' &&
  file.stacks.some(
    (s) =>
      s.items.some((i) => i.joint === joint.id && i.facing !== undefined) &&
      s.items.some((i) => file.joints.find((j) => j.id === i.joint)?.critical === 'axle'),
  )

/** The plug that makes it dead comes apart, or the mains. */
export const makesDead = ({ file, action, subject, limb }: At): boolean =>
  limb === 'down' &&
  (action === `unplug:${file.pack?.plug ?? ''}` || (!file.pack && file.energy.some((e) => e.kind === 'mains' && e.releasedBy === subject)))

/** Its motor turns wheels that could carry it away. */
export const drivesWheels = (file: MachineFile): boolean =>
  file.class !== 'indoor machine' && file.drives.some((d) => d.kind !== 'steering assist' && d.kind !== 'actuator')
