import { flag } from '../apply-context'
import { settle } from '../claims'
import { type Stage, stageIndex } from '../stages'
import { stageMissing } from '../check-status'
import type { Missing } from '../missing'
import { asIs, type KindOf } from './kind'
import type { versions } from './stage-moved.schema'

/** The job moves to another stage; back needs a reason. */
export const stageMoved: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['stage'],
  apply(ctx, { to, reason }) {
    const { draft, entry, mark } = ctx
    const back = stageIndex(to) < stageIndex(draft.stage)
    const missing: Missing[] = back ? (reason?.trim() ? [] : [{ is: 'no reason' }]) : stageMissing(draft, to, mark.at)
    if (draft.unknown > 0) missing.push({ is: 'unknown entry' })
    const inEffect = missing.length === 0
    draft.moves.push({ ...mark, to, inEffect, missing, ...(reason !== undefined ? { reason } : {}) })
    if (!inEffect) return flag(ctx, back ? 'reason missing' : 'check shut', to)
    draft.stage = settle(draft, entry, 'stage', '', to, mark).outcome as Stage
  },
}
