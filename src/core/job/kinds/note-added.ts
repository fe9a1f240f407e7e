import { touchStep } from '../apply-steps'
import { asIs, type KindOf } from './kind'
import type { versions } from './note-added.schema'

/** A note, on a step where it names one; `tried` says what was tried on what did not let go. */
export const noteAdded: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    const { step, text, tried } = body
    draft.notes.push({ ...mark, ...body })
    if (step !== undefined)
      touchStep(draft, step, (s) => ({
        ...s,
        notes: [...s.notes, text],
        ...(tried ? { tried: [...(s.tried ?? []), { ...tried, ...mark }] } : {}),
      }))
  },
}
