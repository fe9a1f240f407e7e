import type { CautionRule } from './caution'

export const insulationVoltage: CautionRule = {
  when: ({ doing }) => doing?.wants?.some((w) => w.testVolts !== undefined) ?? false,
  sheets: { 'insulation test': true },
}
