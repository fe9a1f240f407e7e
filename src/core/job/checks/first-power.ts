import { openedAt, openedIn } from '../proving'
import type { Opened } from '../../machine'
import type { CheckRule } from './check'

const HEART: readonly Opened[] = ['motor', 'controller', 'loom']

/** After motor, controller or loom were opened the first power comes limited: a mistake costs a fuse, and no winding. */
export const firstPower: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  matters: (state) => (openedIn(state) ?? []).some((o) => HEART.includes(o)),
  since: (state) => openedAt(state, HEART),
  binds: { gates: ['handed back'], rides: ['run', 'ridden'], power: ['live'] },
}
