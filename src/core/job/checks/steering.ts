import { steeringMissing, steeringOpened } from '../looks-made'
import type { CheckRule } from './check'

/** Steering that was apart: bolt through its groove, numbers read, pulled at, lock to lock; by two people where nobody can walk off it. */
export const steering: CheckRule = {
  without: 'nobody',
  told: 'last',
  matters: steeringOpened,
  needs: steeringMissing,
  binds: { gates: ['hand back', 'handed back'], rides: ['ridden'] },
}
