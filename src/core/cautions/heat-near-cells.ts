import type { CautionRule } from './caution'

export const heatNearCells: CautionRule = {
  when: ({ joint, limb }) => joint?.release === 'warm then undo' && limb === 'down',
  sheets: { warming: true },
}
