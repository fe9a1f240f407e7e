import { touchStep } from '../apply-steps'
import type { PhotoShows } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './photo-added.schema'

interface Taken {
  readonly photo: string
  readonly step?: string
  readonly side?: string
  readonly pose?: string
  /** What somebody said of it. */
  readonly caption?: string
  readonly shows?: PhotoShows
}

/** What builds before 14 wrote below a photo of the parts that came. */
const CAME = 'What came for the job, laid out'

/** A photo, on a step where it names one. */
export const photoAdded: KindOf<typeof versions, Taken> = {
  reads: {
    1: ({ caption, ...body }) => (caption === CAME ? { ...body, shows: 'delivery' } : { ...body, ...(caption ? { caption } : {}) }),
    2: (body) => body as Taken,
  },
  writes: {
    1: {
      since: 0,
      write: ({ shows, caption, ...body }) => {
        const said = caption ?? (shows === 'delivery' ? CAME : undefined)
        return { ...body, ...(said ? { caption: said } : {}) }
      },
    },
    2: { since: 14, write: (body) => body },
  },
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark, entry }, body) {
    // Said again of one that is here: from which side it was taken, or what it shows.
    const known = draft.photos.findIndex((p) => p.photo === body.photo)
    if (known >= 0) draft.photos[known] = { ...draft.photos[known]!, ...body }
    else draft.photos.push({ ...mark, seq: entry.seq, ...body })
    if (body.step !== undefined)
      touchStep(draft, body.step, (s) => (s.photos.includes(body.photo) ? s : { ...s, photos: [...s.photos, body.photo] }))
  },
}
