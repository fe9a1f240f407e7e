import type { CautionRule } from './caution'

export const oldLocker: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint, limb }) => joint?.lock !== undefined && limb === 'up',
}
