import type { CautionRule } from './caution'

export const oldLocker: CautionRule = {
  when: ({ joint, limb }) => joint?.lock !== undefined && limb === 'up',
}
