import type { PlannedStep } from '../../planning'
import type { JobState } from '../state'
import { armMissing } from '../arm'
import type { CheckRule } from './check'

/** Steps back on that hold a mounted motor against its torque, of what came off. */
const mounting = ({ up, steps }: JobState): readonly PlannedStep[] =>
  up.filter((s) => s.reaction && s.pair !== undefined && steps[s.pair]?.status === 'done')

/** What takes the motor's torque is in place: without it the axle turns in its slots, or the motor in its mounting. */
export const reactionPath: CheckRule = {
  without: 'nobody',
  told: 'with the plan',
  matters: (state) => mounting(state).length > 0,
  needs: (state) => {
    const wants = armMissing(state)
    return wants.length > 0 ? wants : undefined
  },
  binds: { gates: ['hand back', 'handed back'], rides: ['run', 'ridden'], power: ['live'], steps: ['spin test'] },
  reopenedBy: ['mark moved'],
  looks: { stand: [], items: ['left-tab-in', 'right-tab-in', 'washers-under', 'nuts-final'], mayLeave: false },
  looksIn: (state) =>
    mounting(state).length > 0 ? { stand: [], items: ['mounts-seated', 'mount-bolts-final', 'nothing-gives'], mayLeave: false } : null,
  judges: mounting,
  sums: ['reaction'],
}
