import { flag } from '../apply-context'
import { moveFixing } from '../apply-fixings'
import { asIs, type KindOf } from './kind'
import type { versions } from './stray-settled.schema'

/** What a piece that turned up is: one of these after all, of another machine, or thrown away. */
export const straySettled: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['fixing'],
  apply(ctx, { stray, is, member, note }) {
    const { draft, mark } = ctx
    const at = draft.strays.findIndex((s) => s.stray === stray)
    const known = draft.strays[at]
    if (!known) flag(ctx, 'stands on a crossed-out entry', stray)
    else draft.strays[at] = { ...known, settled: { ...mark, is, ...(note !== undefined ? { note } : {}) } }
    if (is === 'one of these' && member !== undefined) moveFixing(ctx, member, 'cell', draft.fixings[member]?.cell ?? known?.cell)
  },
}
