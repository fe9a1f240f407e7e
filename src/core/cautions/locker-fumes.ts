import type { CautionRule } from './caution'

export const lockerFumes: CautionRule = {
  when: ({ joint, limb }) => joint?.release === 'warm then undo' && limb === 'down',
  sheets: { warming: true },
}
