import type { CautionRule } from './caution'

export const deepRingOnly: CautionRule = {
  when: (at) => (at.tools ?? []).some((t) => t.form?.includes('deep')),
}
