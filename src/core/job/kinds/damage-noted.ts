import { asIs, type KindOf } from './kind'
import type { versions } from './damage-noted.schema'

/** Something that was broken before anybody touched it. */
export const damageNoted: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.damage.push({ ...mark, ...body })
  },
}
