import type { StackFault } from '../axle'
import type { Doubted } from '../doubt'
import type { UnitId } from '../units'

/** What a working can come to. A closed list: entries keep it, so a new one raises VOCABULARY. */
export const VERDICTS = [
  'clear',
  'stop',
  'nothing behind',
  'depth not known',
  'fits',
  'spreads the frame',
  'loose in the frame',
  'cannot tell',
  'full nut',
  'not a full nut',
  'more than usual',
  'cap bottoms',
  'holds',
  'arm wanted',
  'held by its arm',
  'cannot say',
  'sits',
  'rubs',
  'too loose',
  'runs clear',
  'too far',
  'slips on',
  'press',
  'either',
  'in range',
  'out of range',
  'screw breaks',
  'hole strips',
  'screw strips',
  'good again',
  'not again',
  'there is a way',
  'no way',
  'they agree',
  'they disagree',
  'too tight',
  'this one',
  'none of them',
  'it was this one',
  'another one',
] as const
export type Verdict = (typeof VERDICTS)[number]

/** What a verdict means to the hand: go on, look closer, or go no further with it. */
export const MEANS: Readonly<Record<Verdict, 'ok' | 'look' | 'stop'>> = {
  clear: 'ok',
  stop: 'stop',
  'nothing behind': 'ok',
  'depth not known': 'stop',
  fits: 'ok',
  'spreads the frame': 'stop',
  'loose in the frame': 'look',
  'cannot tell': 'look',
  'full nut': 'ok',
  'not a full nut': 'stop',
  'more than usual': 'look',
  'cap bottoms': 'stop',
  holds: 'ok',
  'arm wanted': 'stop',
  'held by its arm': 'ok',
  'cannot say': 'look',
  sits: 'ok',
  rubs: 'stop',
  'too loose': 'look',
  'runs clear': 'ok',
  'too far': 'look',
  'slips on': 'ok',
  press: 'ok',
  either: 'look',
  'in range': 'ok',
  'out of range': 'stop',
  'screw breaks': 'ok',
  'hole strips': 'look',
  'screw strips': 'look',
  'good again': 'ok',
  'not again': 'stop',
  'there is a way': 'ok',
  'no way': 'stop',
  'they agree': 'ok',
  'they disagree': 'look',
  'too tight': 'look',
  'this one': 'look',
  'none of them': 'ok',
  'it was this one': 'ok',
  'another one': 'stop',
}

/** What the screen adds to a result, by id. */
export const NOTES = [
  'too short',
  'lower bound',
  'one reading',
  'odd reading',
  'not that difference',
  'wider when sealed',
  'not trusted below a fifth',
  'cold',
  'never for critical',
  'outer ring only',
  'hole gives first',
  'patch used up',
  'above what it may be warmed to',
  'bevel to the seal',
  'one at a time',
  'push the inner ring',
  'push the outer ring',
] as const
export type Note = (typeof NOTES)[number]

/** A figure that a working asks for. */
export interface NumberField {
  readonly is: 'number'
  /** Null for a count or a ratio. */
  readonly unit: UnitId | null
  /** What it may be, in `unit`, ends included. */
  readonly low: number
  readonly high: number
  /** A sensible value to begin with. */
  readonly start?: number
  /** Its usual standard uncertainty, in `unit`; without one it is taken for sure. */
  readonly u?: number
  /** May be left empty. */
  readonly optional?: true
  /** A count: nothing between two numbers. */
  readonly whole?: true
  /** Read several times: the mean counts, and the spread. */
  readonly repeated?: true
}
export interface ChoiceField {
  readonly is: 'choice'
  readonly options: readonly string[]
  readonly start: string
}
/** A designation: of a thread, of a bearing, several widths. `reads` says what is wrong with it, null where nothing is. */
export interface TextField {
  readonly is: 'text'
  readonly start: string
  readonly reads: (text: string) => TextFault | null
}
/** Pieces on a shaft, outside in: in words, or piece by piece. */
export interface StackField {
  readonly is: 'stack'
  readonly start: string
  readonly reads: (text: string) => TextFault | null
}
export type Field = NumberField | ChoiceField | TextField | StackField
export type Fields = Readonly<Record<string, Field>>

export type TextFault = {
  readonly why: 'not a thread' | 'no such size' | 'no such pitch' | 'no such bearing' | 'not widths' | 'not this unit' | StackFault['why']
  readonly nearest: readonly string[]
  /** Which piece of several, from 1. */
  readonly at?: number
}

/** A figure that comes out. */
export interface Figure {
  readonly id: string
  readonly value: number
  readonly u?: number
  readonly unit: UnitId | null
}

/** What comes out of a working. */
export interface Worked {
  readonly result?: Figure
  readonly also?: readonly Figure[]
  readonly verdict?: Verdict
  readonly notes?: readonly Note[]
  /** Ids of reasons or ways, as the working has them. */
  readonly why?: readonly string[]
  /** Ways in figures: spacers left and right, mm. */
  readonly ways?: readonly { readonly left: readonly number[]; readonly right: readonly number[] }[]
  /** A designation that was found. */
  readonly name?: string
}

/** What was keyed in, read: numbers with their doubt, words as they stand. What may be left empty may be missing. */
export interface Given {
  /** @throws when there is no such number: only asked of fields that are wanted */
  readonly n: (id: string) => Doubted
  readonly maybe: (id: string) => Doubted | undefined
  readonly word: (id: string) => string
  /** Each reading of a repeated figure. */
  readonly raw: (id: string) => readonly number[]
}

export const GROUPS = ['screws', 'tightness', 'axle', 'bearings', 'clearance', 'electric', 'units'] as const
export type Group = (typeof GROUPS)[number]

/** A sum of the bench: what it asks, its formula and source, and what comes out. One file each; `index.ts` has one line for it. */
export interface Working<F extends Fields = Fields> {
  /** Raised when the same figures would come to something else. */
  readonly edition: number
  readonly group: Group
  readonly fields: F
  readonly formula: string
  readonly source: string
  /** Where its limits come from: a standard, nothing but geometry, or rules of thumb. */
  readonly basis: 'standard' | 'geometry' | 'estimated'
  /** What comes out, or why nothing can: an id of `SENSELESS`. */
  readonly work: (given: Given) => Worked | Senseless
}

/** Figures that are each in range, and make no sense together. */
export const SENSELESS = [
  'flats not below diameter',
  'most below least',
  'gives too much',
  'not below what it was',
  'no head for it',
  'lever too short',
  'must fall',
  'only to 50 mm',
] as const
export type Senseless = { readonly senseless: (typeof SENSELESS)[number] }

/** Keeps the names of the fields, so that words for one that is missing do not compile. */
export const working = <const F extends Fields>(w: Working<F>): Working<F> => w
