import { addStep } from '../apply-plan'
import { asIs, type KindOf } from './kind'
import type { versions } from './step-added.schema'

/** A step found at the bench: it joins the way down, and its return the way up. */
export const stepAdded: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft }, body) {
    addStep(draft, body)
  },
}
