import { openedIn } from '../proving'
import type { CheckRule } from './check'

/** After motor, controller or loom were opened the first power comes limited: a mistake costs a fuse, and no winding. */
export const firstPower: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  matters: (state) => (openedIn(state) ?? []).some((o) => o === 'motor' || o === 'controller' || o === 'loom'),
  binds: { gates: ['handed back'], rides: ['run', 'ridden'], power: ['live'] },
}
