import { touchStep } from '../apply-steps'
import { asIs, type KindOf } from './kind'
import type { versions } from './step-differs.schema'

/** A step was not as the file says. */
export const stepDiffers: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft }, { step, text }) {
    touchStep(draft, step, (s) => ({ ...s, differs: [...s.differs, text] }))
  },
}
