import type { CautionRule } from './caution'

export const insulationVoltage: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ doing }) => doing?.wants?.some((w) => w.testVolts !== undefined) ?? false,
  sheets: { 'insulation test': true },
}
