import { moveFixing } from '../apply-fixings'
import { setStep } from '../apply-steps'
import { asIs, type KindOf } from './kind'
import type { versions } from './step-left.schema'

/** A step was left undone on purpose; `members` stay in. */
export const stepLeft: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['step', 'fixing'],
  apply(ctx, { step, reason, members }) {
    for (const id of members ?? []) moveFixing(ctx, id, 'left in')
    setStep(ctx, step, 'left', { reason })
  },
}
