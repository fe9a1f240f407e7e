import type { CautionRule } from './caution'

export const packSideLive: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ file, action }) => action === `unplug:${file.pack?.plug ?? ''}`,
}
