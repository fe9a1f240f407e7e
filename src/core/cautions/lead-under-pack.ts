import type { CautionRule } from './caution'

export const leadUnderPack: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ file, action, limb }) => limb === 'up' && action === `off:${file.pack?.part ?? ''}`,
}
