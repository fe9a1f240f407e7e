import type { CautionRule } from './caution'

export const spinningWheel: CautionRule = {
  when: ({ step }) => step?.check === 'spin test',
  sheets: { 'spin test': true },
}
