import { openedWithoutFile } from '../off/opened'
import type { CheckRule } from './check'

/** Brakes firm and free. */
export const brakes: CheckRule = {
  without: 'nobody',
  told: 'with the plan',
  matters: (state) => openedWithoutFile(state, ['brake', 'wheel']),
  binds: { gates: ['hand back', 'handed back'], rides: ['ridden'] },
  reopenedBy: ['brake soft', 'pulls to a side'],
  looks: { stand: [], items: ['lever-firm', 'disc-free', 'caliper-tight', 'nothing-greasy'], mayLeave: false },
}
