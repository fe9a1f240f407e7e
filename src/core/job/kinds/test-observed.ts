import { takenLive } from '../apply-power'
import type { KindOf } from './kind'
import type { versions } from './test-observed.schema'

interface Observed {
  readonly test: string
  readonly outcome: string
  /** The test and what it showed in words, as version 1 has them. */
  readonly text?: string
  readonly live: boolean
  readonly drive?: string
}

/** What was seen in a test whose answer is a word. */
export const testObserved: KindOf<typeof versions, Observed> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ text, ...body }) => ({ ...body, text: text ?? `${body.test}: ${body.outcome}` }) },
    2: { since: 13, write: ({ text: _, ...body }) => body },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply(ctx, body) {
    ctx.draft.observations.push({ ...ctx.mark, ...body })
    takenLive(ctx, body.live, body.test)
  },
}
