import type { CautionRule } from './caution'

export const cutBesideLeads: CautionRule = {
  when: ({ joint, limb }) => joint?.release === 'cut' && limb === 'down',
}
