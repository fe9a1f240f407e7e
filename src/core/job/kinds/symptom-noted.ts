import { asIs, type KindOf } from './kind'
import type { versions } from './symptom-noted.schema'

/** What it does, in the words of whoever brought it, or picked: then `symptom` is its id. */
export const symptomNoted: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.symptoms.push({ ...mark, ...body })
  },
}
