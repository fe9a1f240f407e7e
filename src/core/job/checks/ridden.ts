import { RIDE_NEEDED } from '../../ride'
import { ridesPassed } from '../rides'
import type { CheckRule } from './check'

/** It was ridden, rung by rung, as far as every machine is. */
export const ridden: CheckRule = {
  without: 'mechanic',
  told: 'last',
  matters: () => true,
  needs: (state) => {
    if (state.rides.length === 0) return [{ is: 'no ride' }]
    const passed = ridesPassed(state)
    return RIDE_NEEDED.filter((rung) => !passed.has(rung)).map((rung) => ({
      is: 'rung',
      rung,
      disputed: state.ridden[rung]?.disputed !== undefined,
    }))
  },
  binds: { gates: ['handed back'] },
}
