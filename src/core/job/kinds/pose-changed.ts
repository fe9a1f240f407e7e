import { moved } from '../apply-power'
import { outcomeWith, readOutcome } from '../outcomes'
import { settle } from '../claims'
import { asIs, type KindOf } from './kind'
import type { versions } from './pose-changed.schema'

/** The machine was turned, by so many people. */
export const poseChanged: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['pose'],
  apply(ctx, { to, name }) {
    const { draft, entry, mark } = ctx
    const settled = settle(draft, entry, 'pose', '', outcomeWith(to, name), mark)
    const { outcome: id, detail = '' } = readOutcome(settled.outcome)
    draft.pose = { id, name: detail, mark: settled.mark }
    moved(ctx)
  },
}
