import type { CheckRule } from './check'

/** It was spun before the lid: direction, noise, heat. */
export const spinTest: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  binds: { gates: ['hand back', 'handed back'] },
}
