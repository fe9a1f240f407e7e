import type { CautionRule } from './caution'

export const heatNearCells: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ joint, limb }) => joint?.release === 'warm then undo' && limb === 'down',
  sheets: { warming: true },
}
