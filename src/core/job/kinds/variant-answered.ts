import { asIs, type KindOf } from './kind'
import type { versions } from './variant-answered.schema'

/** Which of the ways that this machine is built it is. */
export const variantAnswered: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft }, { variant, option }) {
    draft.variants[variant] = option
  },
}
