import { saltMissing } from '../salt'
import type { CheckRule } from './check'

/** After salt water: rinsed, dried, insulation read, and only then power. */
export const saltWater: CheckRule = {
  without: 'lead',
  told: 'first',
  matters: (state) => state.salt.some((s) => s.is === 'was in'),
  needs: saltMissing,
  binds: { power: ['live'], rides: ['run', 'ridden'], gates: ['handed back'] },
}
