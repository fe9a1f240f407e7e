import type { Mode, UnitId } from '../units'

/** A figure that a procedure asks for. */
export interface Field {
  readonly id: string
  readonly label: string
  /** Null for a count. */
  readonly unit: UnitId | null
  /** What it may be, in `unit`. */
  readonly range: readonly [number, number]
  /** How the instrument is set, where plain volts, amps or ohms are not what is read. */
  readonly modes?: readonly Mode[]
}

/** What comes out: a figure with its unit, or a finding in words. */
export interface Finding {
  readonly text: string
  readonly value?: number
  readonly unit?: UnitId
  /** `look`: measure again, or look closer; `stop`: go no further with it. */
  readonly mark?: 'ok' | 'look' | 'stop'
}

/** Something that is seen, not read: one of a few answers. */
export interface Choice {
  readonly id: string
  readonly label: string
  readonly options: readonly { readonly id: string; readonly label: string }[]
}

export type Values = Readonly<Record<string, number>>

/** A measurement that takes several hands' turns in the right order, and what is worked out from it. */
export interface Procedure {
  readonly id: string
  readonly title: string
  /** What it tells, in a line. */
  readonly tells: string
  readonly power: 'live' | 'dead' | 'either'
  /** Ids of the hazard table. */
  readonly cautions: readonly string[]
  readonly steps: readonly string[]
  readonly fields: readonly Field[]
  readonly choices?: readonly Choice[]
  /** Codes of the Halls in the order in which they came, beside the figures. */
  readonly codes?: true
  /** What the figures say; null while one is missing. */
  readonly work: (values: Values, codes: readonly number[], said: Readonly<Record<string, string>>) => readonly Finding[] | null
  /** Where its formula or limit comes from. */
  readonly source: string
}
