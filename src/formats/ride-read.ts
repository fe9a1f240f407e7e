import type { LogNote, RawLog } from '../core/ride'
import type { Role } from './ride-header'

/** What a column of the file was taken for, and in which unit. */
export interface Taken {
  readonly role: Role
  /** The column as the file names it. */
  readonly column: string
  readonly unit: string
  /** Whether the unit stands in the header; else it is the usual one. */
  readonly named: boolean
}

export interface ReadLog {
  readonly raw: RawLog
  readonly notes: readonly LogNote[]
  readonly taken: readonly Taken[]
  /** All columns of the file, as it names them. */
  readonly names: readonly string[]
}
