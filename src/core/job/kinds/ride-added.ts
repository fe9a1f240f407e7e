import { flag } from '../apply-context'
import { rideShut } from '../check-status'
import { settle } from '../claims'
import { RIDE_NEEDED, RIDE_STAGES, type RideLogSummary, type RideStage, type StopSign } from '../../ride'
import type { KindOf } from './kind'
import type { versions } from './ride-added.schema'

interface Ridden {
  /** What somebody said of it; version 1 has in it what ended it, too. */
  readonly text?: string
  readonly kilometres?: number
  readonly stage?: RideStage
  readonly outcome?: 'passed' | 'stopped'
  /** What ended it. */
  readonly sign?: StopSign
  readonly log?: RideLogSummary
}

/** A ride. It stands for its stage, one without a stage for all that are needed; a stopped one takes back what lies above it too. */
export const rideAdded: KindOf<typeof versions, Ridden> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: {
      since: 0,
      write: ({ sign, text, ...body }) => ({ ...body, text: [sign, text].filter(Boolean).join(': ') || 'nothing wrong' }),
    },
    2: { since: 13, write: ({ outcome = 'passed', ...body }) => ({ ...body, outcome }) },
  },
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
