import type { InstrumentKind } from '../core/instruments'
import type { DriveKind } from '../core/machine'
import type { UnitId } from '../core/units'

/** An instrument that a relay passes on. */
export interface Offered {
  /** Names it within its relay. */
  readonly key: string
  readonly name: string
  readonly kind?: InstrumentKind
  /** Set on a simulated one: the positions of its dial, and where it stands. */
  readonly standIn?: { readonly dials: readonly string[]; readonly dial: string; readonly machine?: SimulatedMachine }
}

/** A machine that is not there, with a fault or none. */
export interface SimulatedMachine {
  readonly drive: DriveKind
  readonly fault: string | null
  /** 0 slight … 1 gross. */
  readonly severity: number
  /** The same number gives the same machine. */
  readonly seed: number
}

/** What a tablet tells a simulated instrument. */
export type Order = { readonly key: string } & (
  | { readonly to: 'turn'; readonly dial: string }
  | { readonly to: 'machine'; readonly machine: SimulatedMachine }
  /** Held where one figure of a test is read. */
  | { readonly to: 'test'; readonly test: string; readonly input: number }
  | { readonly to: 'value'; readonly value: number; readonly unit: UnitId; readonly alternating?: boolean }
  | { readonly to: 'nothing' }
)

/** What a relay sends, some times a second: what it has, and what came since the last time. */
export interface Passed {
  readonly instruments: readonly Offered[]
  readonly lines: Readonly<Record<string, readonly string[]>>
}

/** What it hears back. */
export interface Heard {
  readonly orders: readonly Order[]
  /** Keys of those that a tablet has claimed: only these are worth sending. */
  readonly claimed: readonly string[]
}

/** A relay as a tablet sees it. */
export interface RelaySeen {
  readonly id: string
  readonly name: string
  /** It is bound to this session, which may end it. */
  readonly own: boolean
  readonly instruments: readonly (Offered & {
    /** Whose tablet has it; null: nobody’s. */
    readonly at: { readonly person: string; readonly here: boolean } | null
  })[]
}

/** Lines of one instrument that came together, as the tablet gets them. An empty list: it is still there. */
export interface Told {
  readonly relay: string
  readonly key: string
  readonly lines: readonly string[]
}

/** A relay that was not heard of for so long has gone, ms. It sends something every two seconds. */
export const GONE_MS = 7_000
export const BEAT_MS = 2_000
