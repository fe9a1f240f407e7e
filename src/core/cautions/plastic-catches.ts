import type { CautionRule } from './caution'

export const plasticCatches: CautionRule = {
  when: ({ joint, limb }) => limb === 'down' && joint?.kind === 'clip' && joint.release === 'pry',
}
