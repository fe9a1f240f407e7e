import { moveFixing } from '../apply-fixings'
import { wayUpConverted } from '../apply-added'
import { asIs, type KindOf } from './kind'
import type { versions } from './width-converted.schema'

/** The machine goes into another width: what is left over stays out, what is new goes on on the way up, bolts are of another length. */
export const widthConverted: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, body) {
    const { draft, mark } = ctx
    // Said by two tablets, it is one; another way is gone once the first is crossed out.
    if (draft.converted[body.set]) return
    draft.converted[body.set] = { ...mark, ...body }
    if (body.variant !== undefined) draft.variants[body.variant] = body.to.id
    for (const id of body.off.flatMap((p) => p.of ?? [])) {
      const part = draft.parts[id]
      if (part) draft.parts[id] = { ...part, leftOver: true }
      else if (draft.fixings[id]) moveFixing(ctx, id, 'kept out')
    }
    for (const { to, of } of body.bolts)
      for (const id of of.filter((f: string) => draft.fixings[f])) {
        moveFixing(ctx, id, to === undefined ? 'kept out' : 'new wanted')
        if (to === undefined) continue
        const fixing = draft.fixings[id]!
        draft.fixings[id] = { ...fixing, replaced: fixing.replaced + 1, hasBeenOut: true }
      }
    wayUpConverted(draft, body)
  },
}
