import type { CautionRule } from './caution'

export const packSideLive: CautionRule = {
  when: ({ file, action, limb }) => limb === 'down' && action === `unplug:${file.pack?.plug ?? ''}`,
}
