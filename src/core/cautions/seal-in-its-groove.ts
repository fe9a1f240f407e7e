import type { CautionRule } from './caution'

export const sealInItsGroove: CautionRule = {
  when: ({ joint, limb }) => limb === 'up' && joint?.kind === 'seal',
}
