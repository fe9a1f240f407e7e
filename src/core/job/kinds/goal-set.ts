import { asIs, type KindOf } from './kind'
import type { versions } from './goal-set.schema'

/** What is to be done. */
export const goalSet: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft }, { goals, text }) {
    draft.goals = [...goals]
    draft.job = text
  },
}
