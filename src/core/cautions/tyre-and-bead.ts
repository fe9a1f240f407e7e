import type { CautionRule } from './caution'

export const tyreAndBead: CautionRule = {
  when: ({ file, subject, limb }) => limb === 'up' && file.energy.some((e) => e.kind === 'tyre' && e.releasedBy === subject),
}
