import type { CheckRule } from './check'

/** What takes the motor's torque is in place: without it the axle turns in its slots. */
export const reactionPath: CheckRule = {
  without: 'nobody',
  told: 'with the plan',
  binds: { gates: ['hand back', 'handed back'], rides: ['run', 'ridden'], power: ['live'], steps: ['spin test'] },
  reopenedBy: ['mark moved'],
  looks: { stand: [], items: ['left-tab-in', 'right-tab-in', 'washers-under', 'nuts-final'], mayLeave: false },
}
