import type { PhotoPoint } from '../off/off'
import type { KindOf } from './kind'
import type { versions } from './damage-noted.schema'

interface Seen {
  readonly text: string
  readonly side?: string
  readonly photo?: string
  readonly pin?: PhotoPoint
}

/** Something that was broken before anybody touched it, and where on a photo. */
export const damageNoted: KindOf<typeof versions, Seen> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ pin, ...body }) => ({ ...body, ...(pin ? { photo: pin.photo } : {}) }) },
    2: { since: 19, write: (body) => body },
  },
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.damage.push({ ...mark, ...body })
  },
}
