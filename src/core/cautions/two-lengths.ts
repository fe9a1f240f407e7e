import type { CautionRule } from './caution'

export const twoLengths: CautionRule = {
  when: ({ joint }) => new Set(joint?.members.map((m) => m.length)).size > 1,
}
