import type { CautionRule } from './caution'

export const packStillPlugged: CautionRule = {
  when: ({ file, action, limb }) => limb === 'down' && action === `off:${file.pack?.part ?? ''}`,
}
