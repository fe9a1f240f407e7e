import type { Off } from '../job'

/** The words that a file has and a job has not: its titles. A machine file is read by people, so they are made once and stand in it. */
export interface Says {
  /** `Undo 8 × M4×10` */
  readonly down: (off: Off) => string
  /** `8 × M4×10 back` */
  readonly up: (off: Off) => string
  readonly out: (name: string) => string
  readonly whole: string
  readonly swap: (name: string) => string
  readonly pose: (id: string) => string
  readonly turn: (to: string) => string
  readonly prop: (name: string) => string
  /** The rest of the machine, and what lies inside it where nobody said what a fixing held. */
  readonly frame: string
  readonly inside: string
  /** How a plug lets go, where nobody said. */
  readonly release: string
  readonly motor: string
  readonly drive: string
  readonly pack: string
}
