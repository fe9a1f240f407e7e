import type { CautionRule } from './caution'

export const tyreAndBead: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ file, subject, limb }) => limb === 'up' && file.energy.some((e) => e.kind === 'tyre' && e.releasedBy === subject),
}
