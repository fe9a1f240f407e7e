import type { CautionRule } from './caution'

export const packSideLive: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ file, action, limb }) => limb === 'down' && action === `unplug:${file.pack?.plug ?? ''}`,
}
