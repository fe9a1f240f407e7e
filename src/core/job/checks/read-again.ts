import { figureOf } from '../../units'
import type { JobState } from '../state'
import type { CheckRule } from './check'

/**
 * Up to 60 V: moved since it was shown dead, its wheel may have turned and fed its phases. One reading before the next plug that is
 * parted dead; above, that ends the proof.
 */
export const readAgain: CheckRule = {
  without: 'mechanic',
  told: 'with the plan',
  matters: (state) => turnedAt(state) !== undefined,
  needs: (state) => {
    const turned = turnedAt(state)
    return turned === undefined || readSince(state, turned) ? [] : [{ is: 'turned' }]
  },
  binds: { steps: ['open plug'] },
}

/** When it was moved since it was shown dead, epoch ms. */
function turnedAt({ power: { proof, state } }: Pick<JobState, 'power'>): number | undefined {
  return proof?.dead && !proof.ended && state !== 'live' ? proof.turned : undefined
}

function readSince(state: JobState, since: number): boolean {
  return state.readings.some((r) => {
    const volts = figureOf(r.result)
    return r.at >= since && !r.live && r.quantity === 'voltage' && volts !== null && Math.abs(volts) <= state.settings.deadVolts
  })
}
