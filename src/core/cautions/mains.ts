import type { CautionRule } from './caution'

export const mains: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ file, subject }) => file.energy.some((e) => e.kind === 'mains' && e.releasedBy === subject),
}
