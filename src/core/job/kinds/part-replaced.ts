import { setStep } from '../apply-steps'
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
    draft.parts[part] = { ...(draft.parts[part] ?? { id: part, name: part, condition: 'off' }), replaced, mark }
    if (step !== undefined) setStep(ctx, step, 'done')
  },
}
