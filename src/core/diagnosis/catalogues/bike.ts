import type { Action } from '../types'
import { seen, type TestDraft } from './draft'

/** What is done about faults that only an e-bike has. */
export const BIKE_ACTIONS: readonly Action[] = [
  {
    id: 'gears',
    name: 'new planet gears, clutch or key',
    minutes: 80,
    motorOut: true,
    goal: 'gears',
    mayLeave: ['grease-dry'],
    instead: [
      {
        name: 'a new core in the old wheel',
        kind: 'mend',
        minutes: 110,
        partShare: 0.6,
        when: 'Ring gear worn too, or no gears in stock.',
      },
      {
        name: 'leave it, watch it',
        kind: 'leave',
        minutes: 0,
        partShare: 0,
        when: 'Dry grease that only whines. Never a clutch that slips or has seized.',
      },
    ],
  },
  { id: 'settings', name: 'set the pulses a turn', minutes: 8 },
  { id: 'pedal', name: 'new pedal sensor or its ring set', minutes: 20 },
  { id: 'display', name: 'new display or its loom', minutes: 25 },
]

export const displaySwap: TestDraft = {
  id: 'display-swap',
  title: 'Another display of the same make',
  how: 'Plugged in its place, for a minute.',
  minutes: 4,
  reach: 'outside',
  power: 'live',
  trap: 'Of another make it stays dark and proves nothing.',
  answer: seen({ same: 'No change', lives: 'It works with that one' }, [97, 3], { 'display-loom': [20, 80] }),
}
