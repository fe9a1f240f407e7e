import type { Quantity } from '../units'

/** What can be true of a thing on the bench; the words guards are written in. */
export const FACTS = ['off', 'loosened', 'unplugged', 'de-pinned', 'exposed', 'supported', 'drained', 'deflated', 'prepared', 'proved'] as const
export type FactName = (typeof FACTS)[number]

export interface Fact {
  readonly fact: FactName
  /** Id of the part, fixing, connection, cable or step that the fact is about; `dead` for `proved`. */
  readonly of: string
}

/** When something may be done. `not` only wraps variants, or facts that must not hold yet. */
export type Guard =
  | { readonly all: readonly Guard[] }
  | { readonly any: readonly Guard[] }
  | { readonly not: Guard }
  | Fact
  | { readonly variant: string; readonly is: string }

export const MACHINE_CLASSES = ['scooter', 'e-bike', 'ride-on', 'buggy', 'tractor', 'indoor machine'] as const
export type MachineClass = (typeof MACHINE_CLASSES)[number]

export const DRIVE_KINDS = ['hub direct', 'hub geared', 'mid-drive', 'gearbox brushed', 'traction', 'steering assist', 'actuator'] as const
export type DriveKind = (typeof DRIVE_KINDS)[number]

/** A direction in the vehicle frame: x forward, y left, z up. */
export type Vec3 = readonly [number, number, number]

export interface Variant {
  readonly id: string
  readonly question: string
  readonly options: readonly { readonly id: string; readonly label: string }[]
  /** Taken when nobody has answered: the case that costs most if wrong. */
  readonly worst: string
}

export interface DriveUnit {
  readonly id: string
  readonly name: string
  readonly kind: DriveKind
  readonly part: string
  /** The part that carries the motor: a fork, a swing arm, a gearbox. Nothing assumes a wheel. */
  readonly carriedBy: string
  readonly kv?: Quantity
  readonly polePairs?: number
  readonly ratio?: number
  readonly hallSpacing?: 60 | 120
  readonly lineResistance?: Quantity
}

export interface Pack {
  readonly part: string
  /** The connection that isolates it. */
  readonly plug: string
  readonly chemistry: 'Li-ion' | 'LFP' | 'lead'
  readonly cells: number
  readonly nominal: Quantity
}

export interface StoredEnergy {
  readonly id: string
  readonly kind: 'pack' | 'capacitor' | 'spring' | 'gas' | 'tyre' | 'weight' | 'mains'
  readonly of: string
  readonly size?: Quantity
  readonly escape?: Vec3
  /** The step, fixing or connection that lets it go under control. */
  readonly releasedBy?: string
}

/** Likely minutes with the band around them. 0 ≤ low ≤ likely ≤ high. */
export interface Minutes {
  readonly low: number
  readonly likely: number
  readonly high: number
}

export interface Substitute {
  readonly tool: string
  readonly risk: string
}

/** One way of doing a step. */
export interface Mode {
  readonly poses: readonly string[]
  /** Tool id, or null for bare hands. */
  readonly tool: string | null
  readonly substitutes?: readonly Substitute[]
  readonly people: 1 | 2
  readonly minutes: Minutes
  /** Extra minutes that stand for a disadvantage, such as a lid held aside. */
  readonly penalty?: number
  readonly guard?: Guard
}

export interface Part {
  readonly id: string
  readonly name: string
  readonly mass?: Quantity
  /** Parts that make this one up; it comes off as one piece and may be split later. */
  readonly of?: readonly string[]
  /** Comes off together with this part. */
  readonly with?: string
  readonly handed?: 'left' | 'right'
  /** Leads still tying it to the machine. */
  readonly tethers?: readonly string[]
  /** What must be out of the way, beside its own fixings. */
  readonly escape?: Guard
  /** What must hold before it can be seen and touched. */
  readonly access?: Guard
  readonly serviceable?: boolean
  /** How it is lifted away; absent where releasing a fixing frees it in the same move, or where it stays. */
  readonly lift?: Doing
  /** How it goes back, where that differs from the mirror. */
  readonly back?: Doing
  /** Belongs on the replacement too: moved over during the swap. */
  readonly transfer?: boolean
}

/** The words and ways of one action, on one limb. */
export interface Doing {
  readonly title: string
  readonly modes: readonly Mode[]
  readonly guard?: Guard
  readonly note?: string
  readonly counterHold?: string
  readonly ifOmitted?: string
  readonly cautions?: readonly string[]
  readonly consumables?: readonly Use[]
  readonly photo?: string
  /** On the way up: how far each tap takes the members. Default final only. */
  readonly passes?: readonly Pass[]
  /** On the way up: fixings done together in this step. Default the one itself. */
  readonly covers?: readonly string[]
}

export interface Use {
  readonly consumable: string
  readonly count: number
}

export const PASSES = ['started', 'seated', 'final', 'marked'] as const
export type Pass = (typeof PASSES)[number]

export const JOINT_KINDS = ['screws', 'nut', 'washers', 'clip', 'ring', 'tie', 'tape', 'adhesive', 'press', 'hose', 'lever', 'valve'] as const
export type JointKind = (typeof JOINT_KINDS)[number]

export interface Member {
  readonly id: string
  readonly place: string
  /** Screw length in mm. */
  readonly length?: number
  /** `stay` where the file says to leave this one in. */
  readonly stay?: boolean
}

export interface Lock {
  readonly product: string
  readonly grade: 'low' | 'medium' | 'high'
  /** Minutes to handling strength and hours to full cure at 22 °C. */
  readonly handlingMinutes: number
  readonly cureHours: number
  readonly source: Quantity['source']
}

/** A set of like screws, a nut, a clip, a tie: what holds parts. On screen: a fixing. */
export interface Joint {
  readonly id: string
  /** Variants only: absent from the machine where it does not hold. */
  readonly when?: Guard
  readonly name: string
  readonly kind: JointKind
  /** Two or more parts. */
  readonly holds: readonly string[]
  /** Parts that come off in the same move as this fixing. */
  readonly frees?: readonly string[]
  readonly members: readonly Member[]
  /** As written on the bag: `M4×10`. */
  readonly label: string
  readonly thread?: string
  readonly head?: string
  readonly torque?: Quantity
  readonly lock?: Lock
  readonly pattern?: 'criss-cross' | 'star' | 'in turn'
  readonly role: 'working' | 'dust' | 'cover'
  readonly critical?: 'axle' | 'steering' | 'brake' | 'pack terminal'
  readonly captive?: boolean
  /** Where it lies while off. */
  readonly keep: 'cell' | 'own hole' | 'carrier' | 'bin'
  readonly consumable?: string
  /** `loosen` leaves it in place. */
  readonly release: 'undo' | 'loosen' | 'cut' | 'peel' | 'pry' | 'warm then undo' | 'pull'
  readonly access?: Guard
  readonly down: Doing
  readonly up?: Doing
}

export interface Pin {
  /** Numbered seen from the wire side. */
  readonly n: number
  readonly colour: string
  readonly function: string
}

export interface Connection {
  readonly id: string
  readonly when?: Guard
  readonly name: string
  readonly family: string
  readonly releaseHow: string
  readonly keying?: string
  readonly pins: readonly Pin[]
  /** Cables or parts at both ends. */
  readonly mates: readonly [string, string]
  readonly access?: Guard
  readonly down: Doing
  readonly up?: Doing
}

export interface Cable {
  readonly id: string
  readonly name: string
  readonly of: string
  /** Ordered ids of holes, clips and connections passed. */
  readonly route: readonly string[]
  /** Connector outer size in mm with tolerance, at the end that is fed. */
  readonly end?: { readonly width: number; readonly height: number; readonly tolerance: number }
  readonly slack?: { readonly leftLock: Quantity; readonly rightLock: Quantity }
  /** Fixings that tie it, with the other leads in them. */
  readonly ties?: readonly { readonly joint: string; readonly shares: readonly string[] }[]
}

export interface Hole {
  readonly id: string
  readonly part: string
  readonly width: number
  readonly height: number
}

/** An extra step that is not a release: preparing, propping, proving, feeding, checking. */
export interface FileStep {
  readonly id: string
  readonly when?: Guard
  readonly kind: 'prepare' | 'support' | 'prove' | 'push aside' | 'gate'
  readonly limb: 'down' | 'up' | 'both'
  readonly gives?: readonly Fact[]
  /** Id of the check that this step passes, as `core/job` names them. */
  readonly check?: string
  readonly access?: Guard
  readonly down?: Doing
  readonly up?: Doing
  /** A check step on one limb: the actions it must come after and before. */
  readonly after?: readonly string[]
  readonly before?: readonly string[]
}

export interface OrderRule {
  readonly id: string
  readonly limb: 'down' | 'up'
  readonly first: string
  readonly then: string
  readonly strength: 'must' | 'prefer'
  readonly consequence: string
}

export interface LoadPath {
  readonly part: string
  readonly joints: readonly string[]
  /** How it can be held up before the last of them goes. */
  readonly support: string
}

export interface Pose {
  readonly id: string
  readonly name: string
  /** Rotation from the vehicle frame, degrees about x, y, z, applied in that order. */
  readonly rotation: Vec3
}

export interface PoseMove {
  readonly from: string
  readonly to: string
  readonly title: string
  readonly people: 1 | 2
  readonly minutes: Minutes
  readonly guard?: Guard
}

export interface StackItem {
  readonly id: string
  readonly name: string
  /** Axial width in mm. */
  readonly width: number
  readonly facing?: Vec3
  readonly clamped: boolean
  readonly turns: boolean
  readonly joint?: string
}

export interface Stack {
  readonly id: string
  readonly name: string
  readonly side: 'left' | 'right'
  readonly axle: string
  /** From the outside in. */
  readonly items: readonly StackItem[]
}

export interface Tool {
  readonly id: string
  readonly name: string
  /** Short form for a chip: `hex 2.5`. */
  readonly short: string
  readonly kind: string
  readonly size?: string
  /** Deep, thin, open: the wrong form ruins the fixing. */
  readonly form?: string
  readonly why?: string
  readonly special?: boolean
}

export interface Consumable {
  readonly id: string
  readonly name: string
}

export interface Goal {
  readonly id: string
  readonly name: string
  readonly guard: Guard
  /** What happens at the bottom of the dip; empty for an inspection. */
  readonly swap?: readonly SwapStep[]
}

export interface SwapStep {
  readonly id: string
  readonly title: string
  readonly part?: string
  readonly note?: string
  readonly minutes: Minutes
}

export interface SealedUnit {
  readonly part: string
  readonly replacedBy: string
  readonly why: string
}

/** All that is known of a model. `format` is `nailsmith-machine/1`. */
export interface MachineFile {
  readonly format: string
  readonly id: string
  readonly revision: string
  readonly name: string
  readonly class: MachineClass
  readonly variants: readonly Variant[]
  readonly drives: readonly DriveUnit[]
  readonly pack?: Pack
  readonly mass?: Quantity
  readonly energy: readonly StoredEnergy[]
  readonly sealed: readonly SealedUnit[]
  readonly parts: readonly Part[]
  readonly joints: readonly Joint[]
  readonly connections: readonly Connection[]
  readonly cables: readonly Cable[]
  readonly holes: readonly Hole[]
  readonly steps: readonly FileStep[]
  readonly order: readonly OrderRule[]
  readonly loadPath: readonly LoadPath[]
  readonly poses: readonly Pose[]
  readonly poseMoves: readonly PoseMove[]
  readonly stacks: readonly Stack[]
  readonly tools: readonly Tool[]
  readonly consumables: readonly Consumable[]
  readonly goals: readonly Goal[]
}
