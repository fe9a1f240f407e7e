import type { CheckRule } from './check'

/** Its power is on: nothing is run or ridden without. */
export const underPower: CheckRule = {
  without: 'nobody',
  told: 'last',
  matters: ({ power }) => power.state !== 'live',
  needs: ({ power: { state } }) => (state === 'live' ? [] : [{ is: 'power', power: state }]),
  binds: { rides: ['run', 'ridden'] },
}
