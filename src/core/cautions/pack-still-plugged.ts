import type { CautionRule } from './caution'

export const packStillPlugged: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ file, action, limb }) => limb === 'down' && action === `off:${file.pack?.part ?? ''}`,
}
