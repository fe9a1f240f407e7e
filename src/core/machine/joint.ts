import type { Quantity } from '../units'
import type { Doing } from './doing'
import type { ActionId } from './ids'
import type { Guard } from './guard-types'
import type { HoleFit } from './hole-fit'

export const JOINT_KINDS = [
  'screws',
  'nut',
  'washers',
  'clip',
  'ring',
  'tie',
  'tape',
  'adhesive',
  'press',
  'hose',
  'key',
  'pin',
  'seal',
  'spacer',
  'lever',
  'valve',
] as const
export type JointKind = (typeof JOINT_KINDS)[number]

export interface Member {
  readonly id: string
  readonly place: string
  /** Screw length in mm. */
  readonly length?: number
  /** Where the hole is, seen from above the cover: x forward, y left, mm. */
  readonly at?: readonly [number, number]
  /** What is different in this hole from the fixing's others. */
  readonly hole?: Partial<HoleFit>
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

/** By hand or by driver: how it is started, and how it is finished. */
export interface Driver {
  readonly start: 'hand' | 'driver'
  readonly clutch?: number
  readonly finish: 'hand' | 'driver' | 'wrench'
}

/** What is dangerous to get wrong: it is asked one by one, and by measure. */
export const CRITICAL = ['axle', 'steering', 'brake', 'pack terminal'] as const
export type Critical = (typeof CRITICAL)[number]

/** A set of like screws, a nut, a clip, a tie: what holds parts. On screen: a fixing. */
export interface Joint {
  readonly id: string
  /** Which end of the machine it belongs to, where it has two alike: `front`. A job at both names it in every title. */
  readonly end?: string
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
  /** What its screws go into, and what lies behind. */
  readonly hole?: HoleFit
  /** What a power driver may do here, and its clutch; absent where the file is silent. */
  readonly driver?: Driver
  /** Property class of the screws, `8.8`; with thread and head it lets a missing torque be estimated. */
  readonly strength?: string
  readonly lock?: Lock
  readonly pattern?: 'criss-cross' | 'star' | 'in turn'
  readonly role: 'working' | 'dust' | 'cover'
  readonly critical?: Critical
  readonly captive?: boolean
  /** It comes away in the hand with the first of these that is done, and goes back with its return: an inner washer, a key. */
  readonly along?: readonly ActionId[]
  /** The bolt runs through a groove of the shaft that it clamps, and so keeps it from coming out. */
  readonly groove?: boolean
  /** Where it lies while off. */
  readonly keep: 'cell' | 'own hole' | 'carrier' | 'bin'
  readonly consumable?: string
  /** `loosen` leaves it in place. */
  readonly release: 'undo' | 'loosen' | 'cut' | 'peel' | 'pry' | 'warm then undo' | 'pull'
  readonly access?: Guard
  /** Its words and ways; with `along` it has none of its own. */
  readonly down: Doing
  readonly up?: Doing
}

/** Sorts that go back only while they are sound: a nicked or flat seal, a key with pressed flanks, a worn bush. */
const REUSED_IF_SOUND: ReadonlySet<JointKind> = new Set(['seal', 'key', 'spacer'])

/** Is it looked at as it comes out, whether it may go back? What is used up is new anyway. */
export const isReusedIfSound = ({ kind, consumable }: Pick<Joint, 'kind' | 'consumable'>): boolean =>
  consumable === undefined && REUSED_IF_SOUND.has(kind)

export interface Pin {
  /** Numbered seen from the wire side. */
  readonly n: number
  readonly colour: string
  readonly function: string
}

/** What a connector is for, where tests and gates ask. */
export const CONNECTOR_ROLES = ['hall', 'phases', 'feed', 'throttle', 'brake', 'charge', 'display', 'light'] as const
export type ConnectorRole = (typeof CONNECTOR_ROLES)[number]

export interface Connection {
  readonly id: string
  /** What it is for; several where one plug carries more. */
  readonly roles?: readonly ConnectorRole[]
  readonly when?: Guard
  readonly name: string
  readonly end?: string
  readonly family: string
  readonly releaseHow: string
  readonly keying?: string
  readonly pins: readonly Pin[]
  /** Of a lug, a post or a screwed plug: made tight like any fixing. */
  readonly thread?: string
  readonly torque?: Quantity
  readonly critical?: Critical
  /** Cables or parts at both ends. */
  readonly mates: readonly [string, string]
  readonly access?: Guard
  readonly down: Doing
  readonly up?: Doing
}

/** What a connector is for. A file of before there were roles says it by what its pins carry. */
export function rolesOf(connection: Pick<Connection, 'roles' | 'pins'>): readonly ConnectorRole[] {
  if (connection.roles) return connection.roles
  const carries = (word: string): boolean => connection.pins.some((p) => p.function.toLowerCase().startsWith(word))
  return [...(carries('hall') ? (['hall'] as const) : []), ...(carries('phase') ? (['phases'] as const) : [])]
}
