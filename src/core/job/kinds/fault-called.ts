import type { FaultWay } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './fault-called.schema'

interface Called {
  /** In somebody's own words; version 1 has the name of the fault here too. */
  readonly fault?: string
  readonly certainty?: 'sure' | 'maybe'
  /** Id in the catalogue of its drive. */
  readonly id?: string
  readonly drive?: string
  readonly way?: FaultWay
  /** What is done about it in words, as version 1 has it. */
  readonly action?: string
}

/** Somebody says what is wrong with it. */
export const faultCalled: KindOf<typeof versions, Called> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ way: _, fault, ...body }) => ({ ...body, fault: fault ?? body.id ?? 'called' }) },
    2: {
      since: 13,
      write: ({ action: _, fault, ...body }) => ({ ...body, ...(body.id === undefined && fault !== undefined ? { fault } : {}) }),
    },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, { fault, ...rest }) {
    draft.faults.push({ ...mark, ...(fault !== undefined ? { text: fault } : {}), ...rest })
  },
}
