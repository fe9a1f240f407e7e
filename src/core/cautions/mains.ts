import type { CautionRule } from './caution'

export const mains: CautionRule = {
  when: ({ file, subject, limb }) => limb === 'down' && file.energy.some((e) => e.kind === 'mains' && e.releasedBy === subject),
}
