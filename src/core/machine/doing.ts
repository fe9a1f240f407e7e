import type { Guard } from './guard-types'
import type { Relation, Want } from './want'

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

export interface Looks {
  readonly stand: readonly string[]
  readonly items: readonly string[]
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

/** The words and ways of one action, on one limb. */
export interface Doing {
  readonly title: string
  readonly modes: readonly Mode[]
  readonly guard?: Guard
  readonly note?: string
  /** How the other end is held. */
  readonly counterHold?: string
  /** Tools and things beside the one of the mode, by id: what holds the other end, a jack, chocks, a can. */
  readonly with?: readonly string[]
  readonly ifOmitted?: string
  readonly cautions?: readonly string[]
  readonly consumables?: readonly Use[]
  readonly photo?: string
  /** A check made by looking: what has to stand before it is begun, and what is looked at one by one. */
  readonly looks?: Looks
  /** Minutes that pass with no hands on it before what follows. */
  readonly wait?: number
  /** What they pass for; a rest where it is left out. */
  readonly waitFor?: WaitKind
  /** Figures that it wants read: without them it is not done. */
  readonly wants?: readonly Want[]
  /** What those have to be to each other. */
  readonly relations?: readonly Relation[]
  /** On the way up: how far each tap takes the members. Default final only. */
  readonly passes?: readonly Pass[]
  /** On the way up: fixings done together in this step. Default the one itself. */
  readonly covers?: readonly string[]
}

/**
 * What a wait is for. Capacitors and what cools begin anew when power comes back; a cure, a soak and a rest do not.
 */
export const WAIT_KINDS = ['rest', 'discharge', 'soak', 'cure', 'cool'] as const
export type WaitKind = (typeof WAIT_KINDS)[number]

export interface Use {
  readonly consumable: string
  readonly count: number
}

export const PASSES = ['started', 'seated', 'final', 'marked'] as const
export type Pass = (typeof PASSES)[number]
