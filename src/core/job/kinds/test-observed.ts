import { takenLive } from '../apply-power'
import { asIs, type KindOf } from './kind'
import type { versions } from './test-observed.schema'

/** What was seen in a test whose answer is a word. */
export const testObserved: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply(ctx, body) {
    ctx.draft.observations.push({ ...ctx.mark, ...body })
    takenLive(ctx, body.live, body.test)
  },
}
