import type { CautionRule } from './caution'

export const brakeRefitted: CautionRule = {
  when: ({ joint, limb }) => joint?.critical === 'brake' && limb === 'up',
}
