import { highVoltage } from '../voltage'
import type { CheckRule } from './check'

/** Above 60 V somebody qualified answers for making it safe, for the lid over its capacitors, and for making it live again. */
export const qualified: CheckRule = {
  without: 'nobody',
  told: 'first',
  matters: (state) => highVoltage(state) && [...state.down, ...state.up].some((s) => s.power !== undefined || s.check === 'dead'),
  binds: { power: ['live', 'isolated', 'out'], steps: ['dead', 'behind a discharge'] },
}
