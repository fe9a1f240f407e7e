import type { CheckRule } from './check'

/** The pack was looked over and is sound; before that it powers nothing. */
export const packTriage: CheckRule = {
  without: 'lead',
  told: 'first',
  matters: (state) => state.packCheck !== undefined || state.up.some((s) => s.power === 'live' && !s.mains),
  needs: ({ packCheck }) => {
    if (!packCheck) return [{ is: 'pack not looked over' }]
    if (packCheck.disputed) return [{ is: 'disputed' }]
    return packCheck.result === 'sound' ? [] : packCheck.signs.map((sign) => ({ is: 'pack sign', sign }))
  },
  binds: { rides: ['run', 'ridden'], power: ['live'], steps: ['spin test'] },
}
