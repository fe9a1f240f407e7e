import { asIs, type KindOf } from './kind'
import type { versions } from './fault-called.schema'

/** Somebody says what is wrong with it. */
export const faultCalled: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, { fault, ...rest }) {
    draft.faults.push({ ...mark, text: fault, ...rest })
  },
}
