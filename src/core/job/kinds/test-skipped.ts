import type { SkippedWhy } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './test-skipped.schema'

interface Skipped {
  readonly test: string
  readonly why?: SkippedWhy
  /** What somebody added; version 1 has the whole reason in it. */
  readonly reason?: string
  /** The test in words, as version 1 has it. */
  readonly text?: string
  readonly drive?: string
}

/** A test that was left out, and why. */
export const testSkipped: KindOf<typeof versions, Skipped> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ why, reason, ...body }) => ({ ...body, reason: [why, reason].filter(Boolean).join(': ') || 'left out' }) },
    2: { since: 13, write: ({ text: _, why = 'out of reach', ...body }) => ({ ...body, why }) },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.skipped.push({ ...mark, ...body })
  },
}
