import type { CautionRule } from './caution'

export const hoseMoved: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'hose',
}
