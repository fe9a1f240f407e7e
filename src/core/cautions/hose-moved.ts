import type { CautionRule } from './caution'

export const hoseMoved: CautionRule = {
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'hose',
}
