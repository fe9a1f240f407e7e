import type { CautionRule } from './caution'

export const leadUnderPack: CautionRule = {
  when: ({ file, action, limb }) => limb === 'up' && action === `off:${file.pack?.part ?? ''}`,
}
