import type { CautionRule } from './caution'

export const rimUnderPressure: CautionRule = {
  when: ({ file, subject, limb }) => limb === 'down' && file.energy.some((e) => e.kind === 'tyre' && e.releasedBy === subject),
}
