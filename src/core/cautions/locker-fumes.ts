import type { CautionRule } from './caution'

export const lockerFumes: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => joint?.release === 'warm then undo' && limb === 'down',
  sheets: { warming: true },
}
