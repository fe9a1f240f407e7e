import { curing } from '../curing'
import type { CheckRule } from './check'

/** Threadlocker holds the road. */
export const fullCure: CheckRule = {
  without: 'nobody',
  told: 'last',
  matters: (state) => state.locks.length > 0,
  needs: (state, at) => curing(state, at, (lock) => lock.curedAt),
  binds: { gates: ['handed back'], rides: ['ridden'] },
}
