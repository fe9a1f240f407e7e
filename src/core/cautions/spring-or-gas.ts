import type { CautionRule } from './caution'

export const springOrGas: CautionRule = {
  when: ({ file, subject }) => file.energy.some((e) => (e.kind === 'spring' || e.kind === 'gas') && e.releasedBy === subject),
}
