import type { CheckRule } from './check'

/** The controller learnt its motor. */
export const calibration: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  binds: { gates: ['handed back'] },
}
