import type { CautionRule } from './caution'

export const deepRingOnly: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => (at.tools ?? []).some((t) => t.form?.includes('deep')),
}
