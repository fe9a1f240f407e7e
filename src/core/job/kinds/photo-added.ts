import { touchStep } from '../apply-steps'
import { asIs, type KindOf } from './kind'
import type { versions } from './photo-added.schema'

/** A photo, on a step where it names one. */
export const photoAdded: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.photos.push({ ...mark, ...body })
    if (body.step !== undefined) touchStep(draft, body.step, (s) => ({ ...s, photos: [...s.photos, body.photo] }))
  },
}
