import type { CautionRule } from './caution'

export const sealInItsGroove: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'seal',
}
