import { flag } from '../apply-context'
import { rideShut } from '../check-status'
import { settle } from '../claims'
import { RIDE_NEEDED, RIDE_STAGES, type RideStage } from '../../ride'
import { asIs, type KindOf } from './kind'
import type { versions } from './ride-added.schema'

/** A ride. It stands for its stage, one without a stage for all that are needed; a stopped one takes back what lies above it too. */
export const rideAdded: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: ['ride'],
  apply(ctx, body) {
    const { draft, entry, mark } = ctx
    if (rideShut(draft, body.stage, mark.at).length > 0) flag(ctx, 'check shut', 'ride')
    draft.rides.push({ ...mark, ...body })
    const outcome = body.outcome === 'stopped' ? 'stopped' : 'passed'
    const named: readonly RideStage[] = body.stage === undefined ? RIDE_NEEDED : [body.stage]
    const stages = outcome === 'stopped' ? RIDE_STAGES.slice(RIDE_STAGES.indexOf(named[0]!)) : named
    for (const stage of stages) {
      const settled = settle(draft, entry, 'ride', stage, outcome, mark)
      draft.ridden[stage] = {
        outcome: settled.outcome as 'passed' | 'stopped',
        mark: settled.mark,
        ...(settled.disputed ? { disputed: settled.disputed } : {}),
      }
    }
  },
}
