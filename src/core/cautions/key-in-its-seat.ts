import type { CautionRule } from './caution'

export const keyInItsSeat: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'key',
}
