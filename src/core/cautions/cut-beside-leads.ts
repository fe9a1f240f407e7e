import type { CautionRule } from './caution'

export const cutBesideLeads: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => joint?.release === 'cut' && limb === 'down',
}
