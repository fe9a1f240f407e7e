import type { CheckRule } from './check'

/** What turns, turns freely and without play. Looked at where a ride was stopped for a noise. */
export const bearings: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  binds: { gates: ['hand back', 'handed back'], rides: ['run', 'ridden'] },
  looks: { stand: [], items: ['turns-free', 'no-notches', 'no-play'], mayLeave: false },
  reopenedBy: ['noise'],
  sums: ['which-bearing', 'play'],
}
