import type { CautionRule } from './caution'

export const spinningWheel: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ step }) => step?.check === 'spin test',
  sheets: { 'spin test': true },
}
