import { deadAt } from '../dead'
import { latestOf } from '../times'
import type { CheckRule } from './check'

/** It was measured to be dead, and that still holds. Steps that want it say so themselves. */
export const dead: CheckRule = {
  without: 'nobody',
  told: 'with the plan',
  needs: (state, at) => (deadAt(state.power, latestOf(at)) ? [] : [{ is: 'not dead' }]),
  binds: {},
  sums: ['bleed'],
}
