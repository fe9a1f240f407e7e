import { curing } from '../curing'
import type { CheckRule } from './check'

/** Threadlocker holds a spin. */
export const handlingStrength: CheckRule = {
  without: 'lead',
  told: 'last',
  matters: (state) => state.locks.length > 0,
  needs: (state, at) => curing(state, at, (lock) => lock.handlingAt),
  binds: { rides: ['run'], steps: ['spin test'] },
}
