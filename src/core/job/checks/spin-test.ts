import { openedWithoutFile } from '../off/opened'
import type { CheckRule } from './check'

/** It was spun before the lid: direction, noise, heat. */
export const spinTest: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  matters: (state) => openedWithoutFile(state, ['motor', 'gearbox', 'controller', 'loom', 'wheel']),
  binds: { gates: ['hand back', 'handed back'] },
  reopenedBy: ['code'],
  looks: {
    stand: ['wheels-up', 'as-it-rides', 'hands-clear', 'short-throttle'],
    items: ['turns-forward', 'runs-smoothly', 'no-grinding', 'brake-stops-it', 'cut-off-cuts', 'lights-and-horn', 'slows-by-regen'],
    mayLeave: true,
  },
}
