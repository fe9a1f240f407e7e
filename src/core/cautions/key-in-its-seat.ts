import type { CautionRule } from './caution'

export const keyInItsSeat: CautionRule = {
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'key',
}
