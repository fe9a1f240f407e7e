import { asIs, type KindOf } from './kind'
import type { versions } from './stray-found.schema'

/** A piece turned up that belongs to nothing that came off: until somebody says what it is, the tray does not add up. */
export const strayFound: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    if (!draft.strays.some((s) => s.stray === body.stray)) draft.strays.push({ ...mark, ...body })
  },
}
