import { moveFixing } from '../apply-fixings'
import { setStep } from '../apply-steps'
import type { LeftWhy } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './step-left.schema'

interface Left {
  readonly step: string
  readonly why?: LeftWhy
  /** What somebody added; version 1 has the whole reason in it. */
  readonly reason?: string
  readonly members?: readonly string[]
}

/** A step was left undone on purpose; `members` stay in. */
export const stepLeft: KindOf<typeof versions, Left> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ why, reason, ...body }) => ({ ...body, reason: [why, reason].filter(Boolean).join(': ') || 'left' }) },
    2: { since: 13, write: ({ why = 'not in the way', ...body }) => ({ ...body, why }) },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['step', 'fixing'],
  apply(ctx, { step, why, reason, members }) {
    for (const id of members ?? []) moveFixing(ctx, id, 'left in')
    setStep(ctx, step, 'left', { ...(why !== undefined ? { why } : {}), ...(reason !== undefined ? { reason } : {}) })
  },
}
