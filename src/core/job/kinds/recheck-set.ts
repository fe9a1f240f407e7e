import type { RecheckOf } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './recheck-set.schema'

interface Again {
  readonly of?: RecheckOf
  readonly what?: string
  /** The step whose work it is. */
  readonly step?: string
  /** When, in words, as version 1 has it. */
  readonly due?: string
  readonly on?: string
  readonly kilometres?: number
  readonly rides?: number
}

/** Something is to be looked at again: on a day, after so many kilometres or so many rides. */
export const recheckSet: KindOf<typeof versions, Again> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: {
      since: 0,
      write: ({ of, what, due, on, kilometres, rides }) => ({
        what: what ?? of ?? 'all',
        due: due ?? on ?? (kilometres !== undefined ? `after ${kilometres} km` : `after ${rides ?? 1} × ride`),
        ...(on !== undefined ? { on } : {}),
        ...(kilometres !== undefined ? { kilometres } : {}),
      }),
    },
    2: {
      since: 13,
      write: ({ due: _, of, what, ...body }) => ({ ...body, ...(of !== undefined ? { of } : what !== undefined ? { what } : {}) }),
    },
  },
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.rechecks.push({ ...mark, ...body })
  },
}
