import { clearancesMissing, clearanceSteps } from '../clearances'
import type { CheckRule } from './check'

/** What turns past something keeps its distance: read over a turn, after the last pass of what it hangs on. */
export const runningClearance: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  matters: (state) => clearanceSteps(state).length > 0,
  needs: clearancesMissing,
  sums: ['running-gap', 'sheets'],
  binds: { gates: ['handed back'], rides: ['ridden'] },
}
