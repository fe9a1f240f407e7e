import { flag } from '../apply-context'
import { setStep } from '../apply-steps'
import { offStepIn } from '../off/off'
import { asIs, type KindOf } from './kind'
import type { versions } from './part-replaced.schema'

/** A new part took the place of the old. */
export const partReplaced: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['step'],
  apply(ctx, { part, step, ...replaced }) {
    const { draft, mark } = ctx
    if (!draft.parts[part] && offStepIn(part) !== null) return flag(ctx, 'stands on a crossed-out entry', part)
    draft.parts[part] = { ...(draft.parts[part] ?? { id: part, name: part, condition: 'off' }), replaced, mark }
    if (step !== undefined) setStep(ctx, step, 'done')
  },
}
