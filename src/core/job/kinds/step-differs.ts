import { withoutFit } from '../apply-fixings'
import { touchStep } from '../apply-steps'
import type { KindOf } from './kind'
import type { versions } from './step-differs.schema'

interface Differs {
  readonly step: string
  readonly text: string
  /** Fixings of another size than the file says. */
  readonly members?: readonly string[] | undefined
}

/** A step was not as the file says; where some of its fixings are of another size, nobody knows what those reach. */
export const stepDiffers: KindOf<typeof versions, Differs> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ step, text }) => ({ step, text }) },
    2: { since: 20, write: ({ step, text, members }) => ({ step, text, ...(members ? { members: [...members] } : {}) }) },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft }, { step, text, members = [] }) {
    touchStep(draft, step, (s) => ({ ...s, differs: [...s.differs, text] }))
    for (const id of members) {
      const f = draft.fixings[id]
      if (f) draft.fixings[id] = { ...withoutFit(f), otherSize: true }
    }
  },
}
