import { moveIn, type WentIn } from '../apply-fixings'
import { readBefore, stored, writeBefore } from '../tightened'
import type { KindOf } from './kind'
import type { versions } from './fixing-in.schema'

/** Fixings went back, and how far they are tight. N·m. */
export const fixingIn: KindOf<typeof versions, WentIn> = {
  reads: {
    1: ({ members, pass, ...how }) => {
      const tightened = readBefore(how, pass)
      return { members, pass, ...(tightened ? { tightened } : {}) }
    },
    2: (body) => body,
  },
  writes: {
    1: {
      since: 0,
      write: ({ members, pass, tightened }) => {
        const { wrench, ...how } = writeBefore(tightened)
        return { members, pass, ...how, ...(wrench ? { tool: wrench.name } : {}) }
      },
    },
    2: { since: 15, write: ({ tightened, ...body }) => ({ ...body, ...stored(tightened) }) },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, body) {
    moveIn(ctx, body)
  },
}
