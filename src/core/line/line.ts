import type { LineLength, LineThread } from './threads'
import type { TorqueUnit } from './read'
import type { HeadForm, LineLock, LineState, Recess, Sort } from './words'

/** More of one kind than this is a slip of the finger. */
export const MANY = 60

/** What a typed line says. */
export interface Line {
  /** How many fixings; 0 where it is a part, a plug, a note, or several of which nobody said how many. */
  readonly count: number
  /** What it is; absent of a screw whose thread is known, and where no word says it. */
  readonly sort?: Sort
  readonly thread?: LineThread
  readonly length?: LineLength
  /** Of a washer, ring, key, pin, spacer: its one to three sizes, mm, as they stand on the bag. */
  readonly size?: readonly number[]
  readonly head?: HeadForm
  readonly recess?: { readonly form: Recess; readonly size?: number; /** Where it is not in mm. */ readonly unit?: 'in' }
  /** Property class: `8.8`, `A2-70`. */
  readonly strength?: string
  readonly lock?: LineLock
  readonly states: readonly LineState[]
  readonly torque?: { readonly value: number; readonly unit: TorqueUnit }
  /** Of the tray. */
  readonly cell?: string
  /** The rest of it, in the order in which it was typed. */
  readonly note: string
  /** Pieces that look like a figure and were not understood: the whole line is a note then. */
  readonly unread: readonly string[]
}
