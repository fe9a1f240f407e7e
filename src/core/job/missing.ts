import type { LengthWhy } from './lengths'
import type { Behind } from '../fasteners'
import type { Compared } from '../machine'
import type { RideStage, StopSign } from '../ride'
import type { PackSign } from '../safety'
import type { AnyCheck, LookOf, Power } from './vocabulary'
import type { TestItem } from './checks/looks'

/** A piece that is not where it belongs: disputed counts as loose, `waiting` is in its own hole, on its carrier, or not
 * renewed yet; of one `not read` nobody knows how tight it is. */
export interface LoosePiece {
  readonly is: 'fixing'
  readonly id: string
  readonly label: string
  readonly place: string
  readonly how: 'disputed' | 'lost' | 'loose' | 'waiting' | 'not read'
  readonly cell?: string
}

/** What stands in the way of a check, a step, a stage or a ride. Facts only: `words/en/missing` says them. */
export type Missing =
  | {
      readonly is:
        | 'not done'
        | 'not dead'
        | 'disputed'
        | 'no ride'
        | 'turned'
        | 'no estimate'
        | 'opened not said'
        | 'pack not looked over'
        | 'no reason'
        | 'unknown entry'
        | 'done already'
        /** The sum of an axle wants an arm. */
        | 'arm'
    }
  | LoosePiece
  /** A piece that belongs to nothing that came off, and what it would be taken for. */
  | {
      readonly is: 'stray'
      readonly text: string
      readonly cell?: string
      readonly like?: { readonly label: string; readonly cells: readonly string[] }
    }
  | { readonly is: 'part'; readonly name: string; readonly disputed: boolean }
  | { readonly is: 'curing'; readonly product: string; readonly subject: string; readonly disturbed: boolean }
  /** `short`: it was ridden, and less far or less long than shows it. */
  | { readonly is: 'rung'; readonly rung: RideStage; readonly disputed: boolean; readonly short?: true }
  | { readonly is: 'loose'; readonly pieces: number }
  | { readonly is: 'power'; readonly power: Exclude<Power, 'live'> }
  | { readonly is: 'stopped'; readonly sign: StopSign }
  | { readonly is: 'price'; readonly estimate: number; readonly agreed: number; readonly refused: boolean }
  | { readonly is: 'settings'; readonly name: string; readonly wants: 'paired' | 'old' | 'new' | 'rolled' | 'right' }
  | { readonly is: 'salt'; readonly wants: 'rinsed' | 'dried' | 'insulation' }
  | { readonly is: 'salt'; readonly wants: 'drier'; readonly megohms: number }
  | { readonly is: 'pack sign'; readonly sign: PackSign }
  | { readonly is: 'new part'; readonly name: string; readonly disputed: boolean }
  | { readonly is: 'row'; readonly name: string; readonly verdict: Exclude<Compared['verdict'], 'match'> }
  | { readonly is: 'item'; readonly of: TestItem }
  | { readonly is: 'step' | 'not read' | 'waiting' | 'touched' | 'clearance again'; readonly step: string }
  /** Screws whose length has to be known, or is too much. */
  | {
      readonly is: 'length'
      readonly step: string
      readonly label: string
      readonly pieces: number
      readonly behind: Behind
      readonly why: LengthWhy
    }
  /** A foreign motor whose torque nobody worked out. */
  | { readonly is: 'reaction'; readonly part: string; readonly name: string }
  | { readonly is: 'fact'; readonly fact: string }
  | { readonly is: 'sealed'; readonly part: string }
  | {
      readonly is: 'look'
      readonly of: LookOf
      readonly wants: 'first' | 'second person' | 'after the ride'
      /** Who looked first. */
      readonly by?: string
      readonly step?: string
    }
  | { readonly is: 'check'; readonly check: AnyCheck }
