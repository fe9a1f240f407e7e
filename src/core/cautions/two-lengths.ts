import type { CautionRule } from './caution'

export const twoLengths: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ joint }) => new Set(joint?.members.map((m) => m.length)).size > 1,
}
