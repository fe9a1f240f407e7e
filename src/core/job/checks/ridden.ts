import { longEnough } from '../../ride'
import { openedIn, ridesPassed, wantedIn } from '../proving'
import type { CheckRule } from './check'

/** It was proved the way its kind of machine is, as far up as what was opened asks for. */
export const ridden: CheckRule = {
  without: 'mechanic',
  told: 'last',
  matters: () => true,
  needs: (state) => {
    if (openedIn(state) === null) return [{ is: 'opened not said' }]
    if (state.rides.length === 0) return [{ is: 'no ride' }]
    const passed = ridesPassed(state)
    return wantedIn(state)
      .filter((rung) => !passed.has(rung))
      .map((rung) => ({
        is: 'rung',
        rung,
        disputed: state.ridden[rung]?.disputed !== undefined,
        ...(state.rides.some((r) => r.rungs?.includes(rung) && !longEnough(rung, r)) ? { short: true as const } : {}),
      }))
  },
  binds: { gates: ['handed back'] },
}
