import type { ActionId } from './ids'
import type { Quantity } from '../units'
import type { Doing, Minutes } from './doing'
import type { Fact, Guard } from './guard-types'
import type { CompareSpec } from './compare'
import type { Connection, Joint } from './joint'
import type { PartRole } from './opened'
import type { AxleFit } from './axle-fit'
import type { BearingAt } from './bearing-at'
import type { Purpose } from '../axle'
import type { WidthSet } from '../conversion'

export const MACHINE_CLASSES = ['scooter', 'e-bike', 'ride-on', 'buggy', 'tractor', 'indoor machine'] as const
export type MachineClass = (typeof MACHINE_CLASSES)[number]

/** How a machine is proved: by its class, or as steering where that is all its drives do. */
export const PROVED_AS = [...MACHINE_CLASSES, 'steering'] as const
export type ProvedAs = (typeof PROVED_AS)[number]

export const DRIVE_KINDS = ['hub direct', 'hub geared', 'mid-drive', 'gearbox brushed', 'traction', 'steering assist', 'actuator'] as const
export type DriveKind = (typeof DRIVE_KINDS)[number]

/** What a drive has that not every one of its kind has. */
export const FITTINGS = [
  'rotor sensors',
  'winding sensor',
  'contactor',
  'park brake',
  'oil bath',
  'wound field',
  'belt',
  'battery',
  'adaptor',
] as const
export type Fitting = (typeof FITTINGS)[number]

/** Whose speed constant it is. */
export const KV_OF = ['rotor', 'wheel', 'crank'] as const
export type KvOf = (typeof KV_OF)[number]

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
  /** What turns so many times for each volt: through the ratio one says the other. */
  readonly kvOf?: KvOf
  readonly polePairs?: number
  readonly ratio?: number
  readonly hallSpacing?: 60 | 120
  readonly lineResistance?: Quantity
  /** What it has, where that is other than usual for its kind (`fittingsOf`). */
  readonly fitted?: readonly Fitting[]
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

export interface Part {
  readonly id: string
  readonly name: string
  /** Which end of the machine it belongs to, where it has two alike: `front`. A job at both names it in every title. */
  readonly end?: string
  readonly mass?: Quantity
  /** Only a machine of which this holds has it. */
  readonly when?: Guard
  /** What it is to the machine, where its having been opened decides how the work is proved; a drive's part is its motor. */
  readonly role?: PartRole
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
  /** Of plastic: threadlocker cracks it, and it gives at its catches. */
  readonly plastic?: boolean
  /** How it is lifted away; absent where releasing a fixing frees it in the same move, or where it stays. */
  readonly lift?: Doing
  /** How it goes back, where that differs from the mirror. */
  readonly back?: Doing
  /** Belongs on the replacement too: moved over during the swap. */
  readonly transfer?: boolean
  /** What a replacement has to have in common with it. */
  readonly compare?: readonly CompareSpec[]
}

export interface Cable {
  readonly id: string
  readonly name: string
  readonly of: string
  /** Ordered ids of holes, clips and connections passed. */
  readonly route: readonly string[]
  /** Over its sleeve, mm: the room it takes in a hole once its plug is through. */
  readonly diameter?: number
  /** Connector outer size in mm with tolerance, at the end that is fed; of a round one the width is its diameter. */
  readonly end?: { readonly width: number; readonly height: number; readonly tolerance: number; readonly round?: boolean }
  readonly slack?: { readonly leftLock: Quantity; readonly rightLock: Quantity }
  /** Fixings that tie it, with the other leads in them. */
  readonly ties?: readonly { readonly joint: string; readonly shares: readonly string[] }[]
}

export interface Hole {
  readonly id: string
  readonly name?: string
  readonly part: string
  /** mm; of a round one both are its diameter. */
  readonly width: number
  readonly height: number
  readonly round?: boolean
  /** How the leads that share it pass: one after the other, or as one bundle. */
  readonly passing?: 'one by one' | 'together'
}

/** An extra step that is not a release: preparing, propping, proving, feeding, checking. */
export interface FileStep {
  readonly id: string
  /** Which end of the machine it belongs to, where it has two alike: `front`. A job at both names it in every title. */
  readonly end?: string
  readonly when?: Guard
  readonly kind: 'prepare' | 'support' | 'prove' | 'push aside' | 'gate'
  readonly limb: 'down' | 'up' | 'both'
  readonly gives?: readonly Fact[]
  /** Id of the check that this step passes, as `core/job` names them. */
  readonly check?: string
  /** A running clearance that is read again after the first powered turn. */
  readonly again?: true
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
  readonly first: ActionId
  readonly then: ActionId
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
  /** What to mind while it is turned. */
  readonly note?: string
  readonly people: 1 | 2
  readonly minutes: Minutes
  readonly guard?: Guard
  /** What it is turned or held up with, by id: a jack, stands. */
  readonly with?: readonly string[]
}

export interface StackItem {
  readonly id: string
  readonly name: string
  /** Axial width in mm. */
  readonly width: number
  readonly facing?: Vec3
  readonly clamped: boolean
  readonly turns: boolean
  /** What it is for; the one that is the frame parts what is inside from what is outside. */
  readonly purpose?: Purpose
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
  /** What it reaches round with: mm from the square drive to the fixing, and the angle to the wrench, degrees, 0 straight on. */
  readonly adapter?: { readonly reach: number; readonly angle: number }
  readonly special?: boolean
  /** Minutes that picking it up takes beside the change itself: a lift to fetch, a puller to set up. */
  readonly setUp?: number
}

export interface Consumable {
  readonly id: string
  readonly name: string
}

export interface Goal {
  readonly id: string
  readonly name: string
  /** Only a machine of which this holds can have it done. */
  readonly when?: Guard
  readonly guard: Guard
  /** What happens at the bottom of the dip; empty for an inspection. */
  readonly swap?: readonly SwapStep[]
}

export interface SwapStep {
  readonly id: string
  readonly title: string
  readonly part?: string
  /** The widths of the file that it is a conversion of: what comes has no place before. */
  readonly converts?: string
  readonly note?: string
  readonly minutes: Minutes
}

/** What comes in several widths on a machine. */
export interface FileWidths extends WidthSet {
  /** Only a machine of which this holds has it. */
  readonly when?: Guard
}

export interface SealedUnit {
  readonly part: string
  readonly replacedBy: string
  readonly why: string
  /** Fixings whose release ends it. */
  readonly openedBy?: readonly string[]
}

/** A photo of the machine, and what lies at its points: shares of its width from the left and of its height from the top. */
export interface FilePhoto {
  /** SHA-256 of the picture as it was sent in, hexadecimal. */
  readonly id: string
  readonly side?: string
  readonly pose?: string
  /** Of a part, a fixing, a connection, a cable. */
  readonly pins: readonly { readonly of: string; readonly x: number; readonly y: number }[]
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
  /** What the stacks of an axle have to fit: frame, dropouts, thread. */
  readonly axles?: readonly AxleFit[]
  /** Bearings that a job takes out, puts in, or pushes a shaft into. */
  readonly bearings?: readonly BearingAt[]
  /** What comes in several widths, and what each is made up with. */
  readonly widths?: readonly FileWidths[]
  readonly tools: readonly Tool[]
  readonly consumables: readonly Consumable[]
  readonly goals: readonly Goal[]
  readonly photos?: readonly FilePhoto[]
  /** Where it grew from, and what is not sure of it: `core/growing` writes and reads it. */
  readonly 'x-grown'?: unknown
}
