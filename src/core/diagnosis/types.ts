import type { Fitting } from '../machine'
import type { Probing } from '../harness'
import type { Mode, UnitId } from '../units'

/** The candidate that is always there: something that is not in the list. */
export const NONE = 'none'

/** What one does about a fault; several faults can end in the same. */
export interface Action {
  readonly id: string
  readonly name: string
  /** Hands-on minutes where no plan says otherwise; estimated. */
  readonly minutes: number
  /** The motor has to come out for it. */
  readonly motorOut?: boolean
  /** Which of a machine file's jobs it is: see `goalOf`. */
  readonly goal?: 'motor' | 'inspect' | 'controller' | 'gears'
  /** Other ways of dealing with it, and when they are the better ones. */
  readonly instead?: readonly {
    readonly name: string
    readonly kind: 'mend' | 'leave'
    readonly minutes: number
    /** Of the new part's price. */ readonly partShare: number
    readonly when: string
  }[]
  /** Faults of this action that may be left and watched: none that can lock or start the wheel. */
  readonly mayLeave?: readonly string[]
}

export interface Fault {
  readonly id: string
  readonly name: string
  /** How usual it is beside the others; relative, estimated from what benches see. */
  readonly usual: number
  readonly action: string
  /** Share of the machines with it in which it comes and goes, 0 … 1: a test may find them sound meanwhile. */
  readonly comesAndGoes?: number
  /** How many times as usual it is where somebody has just worked at the drive; 1 when left out. */
  readonly afterWork?: number
  /** It comes of how a machine was made, and shows in its first kilometres; or of wear. Without: at any age alike. */
  readonly ages?: 'early' | 'wears'
  /** Of a part that not every machine of its kind has. */
  readonly of?: Fitting
}

/** Two faults that occur together: one brought the other about, or one blow both. */
export interface Pair {
  readonly faults: readonly [string, string]
  readonly usual: number
}

/** Something the owner tells. */
export interface Symptom extends Told {
  readonly id: string
  readonly name: string
  /** What owners say of it: any of these, from the beginning of a word on. */
  readonly says: readonly string[]
}

/** How often a machine with each fault shows it; `otherwise` for the faults not named. */
export interface Told {
  readonly given: Readonly<Record<string, number>>
  readonly otherwise: number
}

/** A normal distribution, or of the logarithm where `log` is set: then `sd` is a factor, 2 meaning double or half. */
export interface Bell {
  readonly mean: number
  readonly sd: number
  readonly log?: boolean
  /** Share in a mixture; 1 when left out. */
  readonly share?: number
}

/**
 * What each hypothesis makes of a test: how likely its outcomes are, or where its values lie. Keyed by fault (`bridge`), by fault and
 * severity (`winding/1` slight … `winding/3` gross), or by a pair (`bridge+winding`). What is not named shows what a sound machine shows.
 */
export interface Rows<T> {
  readonly healthy: T
  readonly given: Readonly<Record<string, T>>
}

/** An answer in words: the chance of each outcome, in order; a row is normalised. */
export interface WordAnswer {
  readonly kind: 'words'
  readonly outcomes: readonly { readonly id: string; readonly name: string }[]
  readonly rows: Rows<readonly number[]>
  /** No model gives it: what benches see. */
  readonly estimated: boolean
}

/** A measured answer. What is keyed in is one or several figures; the value is always computed, never typed in. */
export interface NumberAnswer {
  readonly kind: 'number'
  readonly quantity: string
  readonly unit: UnitId
  readonly inputs: readonly string[]
  /** Unit of the figures keyed in. */
  readonly inputUnit: UnitId
  readonly compute: Compute
  /** What is possible at all, in `unit`; inputs are bounded by `inputRange`. */
  readonly range: readonly [number, number]
  readonly inputRange: readonly [number, number]
  /** Standard uncertainty of the value: absolute, and relative to it. Rows have it in them. */
  readonly u: { readonly abs: number; readonly rel: number }
  readonly rows: Rows<readonly Bell[]>
  readonly estimated: boolean
}
export type Compute = 'single' | 'first less second' | 'imbalance' | 'first over second'

/** Where a test has to reach: nothing opened, the deck's plugs, the Hall or phase connector of the drive. */
export type Reach = 'outside' | 'plugs' | 'hall' | 'phases'

/** What a test cannot do without. */
export type Need = 'line resistance' | Fitting

export interface Test {
  readonly id: string
  readonly title: string
  readonly how: string
  readonly minutes: number
  readonly reach: Reach
  /** Power while it is taken: `either` where the key is simply off. */
  readonly power: 'live' | 'dead' | 'either'
  /** How the instrument is set, where direct voltage or current, or plain ohms, are not what is read. */
  readonly modes?: readonly Mode[]
  /** Where the probes go, or the clamp; without: not at a plug. */
  readonly probe?: Probing
  /** Read off the machine’s own display or an app: by no instrument. */
  readonly display?: true
  /** Only a value that stands still says anything. */
  readonly settled?: true
  /** It turns the rotor with its phases parted: the volts that it makes are meant. */
  readonly turns?: true
  /** What the machine has to have, or its file to say: without it the test is not offered. */
  readonly needs?: Need
  /** It is told against a second drive of the same kind, sound: offered only where the machine has one. */
  readonly twin?: true
  /** Belongs to the first five minutes, before any theory. */
  readonly first?: boolean
  /** What it cannot tell, or what goes wrong with it. */
  readonly trap?: string
  /** Ids of the hazard table. */
  readonly cautions?: readonly string[]
  readonly answer: WordAnswer | NumberAnswer
}

export interface Catalogue {
  readonly id: string
  readonly actions: readonly Action[]
  readonly faults: readonly Fault[]
  /** Usual share of what is in no list, beside the others. */
  readonly noneUsual: number
  readonly pairs: readonly Pair[]
  readonly symptoms: readonly Symptom[]
  readonly tests: readonly Test[]
  /** Answers that hang together beyond what their fault explains: tests, and the correlation of their values; by fault or `healthy`. */
  readonly together: Together
}

export type Together = Readonly<Record<string, readonly (readonly [string, string, number])[]>>

/** What a script made of the simulated machines: see `tables/`. Values of a test with a scale are shares of it. */
export interface Table {
  /** Digest of the model, the simulated machines and the script that made it. */
  readonly made: string
  readonly words: Readonly<Record<string, Rows<readonly number[]>>>
  readonly numbers: Readonly<Record<string, Rows<readonly Bell[]>>>
  readonly together: Together
}

/** One thing that is known: a symptom, a word, or a value in the test's unit with its own uncertainty where the instrument has one. */
export type Evidence =
  | { readonly kind: 'symptom'; readonly symptom: string; readonly certainty?: 'sure' | 'maybe' }
  | { readonly kind: 'word'; readonly test: string; readonly outcome: string }
  | {
      readonly kind: 'value'
      readonly test: string
      readonly value: number
      readonly u?: number
      /** It is only known to lie beyond: over or under what the instrument can show. */
      readonly beyond?: 'over' | 'under'
    }

export interface Belief {
  readonly fault: string
  /** 0 … 1; all beliefs sum to 1. */
  readonly p: number
}
