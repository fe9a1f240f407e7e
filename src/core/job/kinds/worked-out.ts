import { unseen } from '../claims'
import { asIs, type KindOf } from './kind'
import type { versions } from './worked-out.schema'

/** A sum was worked out: its figures with their doubt, and what it came to. Of a screw in its hole it answers for those fixings. */
export const workedOut: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark, entry }, body) {
    draft.workings.push({ ...mark, ...body })
    if (body.working !== 'length-in-hole' || body.verdict === undefined) return
    const length = body.asked.find((a) => a.id === 'length')?.value
    for (const id of body.of ?? []) {
      const f = draft.fixings[id]
      // Another device changed it meanwhile: what is fine was said of the one before, what is not counts all the same.
      if (f && (body.verdict === 'stop' || unseen(draft, entry, 'fixing', id).length === 0))
        draft.fixings[id] = { ...f, fits: { entry: entry.id, verdict: body.verdict, ...(length === undefined ? {} : { length }) } }
    }
  },
}
