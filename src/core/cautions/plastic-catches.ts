import type { CautionRule } from './caution'

export const plasticCatches: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => limb === 'down' && joint?.kind === 'clip' && joint.release === 'pry',
}
