import { notWhole } from '../whole'
import type { CheckRule } from './check'

/** Nothing is open, off or apart, and it has its power as it goes home: only then is it run, ridden, or sent home as repaired. */
export const whole: CheckRule = {
  without: 'nobody',
  told: 'last',
  matters: () => true,
  needs: (state) => notWhole(state),
  binds: { gates: ['handed back'], rides: ['run', 'ridden'] },
}
