import { type AdoptedPlan, factsOfPlan, planOfFacts } from '../../planning'
import { arrive, wayUpConverted } from '../apply-added'
import { moveFixing } from '../apply-fixings'
import { takeOver } from '../apply-plan'
import type { KindOf } from './kind'
import type { Stored } from './fields.schema'
import type { versions } from './width-converted.schema'

type Told = Stored<typeof versions>[2]

/** With the plan of the way up from there, where the file itself has what comes along. */
interface Converted extends Omit<Told, 'way'> {
  readonly way?: Omit<NonNullable<Told['way']>, 'plan'> & { readonly plan: AdoptedPlan }
}

/**
 * The machine goes into another width: what is left over stays out, what is new goes on on the way up, bolts are of another length.
 * Version 2 brings the way up along where the file has steps for what is new; in an older form each new piece is a step by itself.
 */
export const widthConverted: KindOf<typeof versions, Converted> = {
  reads: {
    1: (body) => body,
    2: ({ way, ...body }) => ({ ...body, ...(way ? { way: { ...way, plan: planOfFacts(way.plan) } } : {}) }),
  },
  writes: {
    1: { since: 0, write: ({ way: _, on, ...body }) => ({ ...body, on: on.map(({ of: _of, ...piece }) => piece) }) },
    2: {
      since: 21,
      write: ({ way, ...body }) => ({ ...body, ...(way ? { way: { ...way, plan: factsOfPlan(way.plan) } } : {}) }),
    },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, { way, ...body }) {
    const { draft, mark } = ctx
    // Said by two tablets, it is one; another way is gone once the first is crossed out.
    if (draft.converted[body.set]) return
    draft.converted[body.set] = { ...mark, ...body, ...(way ? { brings: way.brings, drops: way.drops } : {}) }
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
    if (!way) return wayUpConverted(draft, body)
    arrive(ctx, way)
    takeOver(draft, way.plan)
  },
}
