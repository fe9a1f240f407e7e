import { steeringAfterRide, steeringOpened, wantsSecondLook } from '../looks-made'
import type { CheckRule } from './check'

/** A stem that was apart is looked at once more after its ride. */
export const steeringAgain: CheckRule = {
  without: 'nobody',
  told: 'last',
  matters: (state) => steeringOpened(state) && !wantsSecondLook(state),
  needs: steeringAfterRide,
  binds: { gates: ['handed back'] },
}
