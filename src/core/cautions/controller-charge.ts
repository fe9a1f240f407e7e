import { type CautionRule, provesDead } from './caution'

export const controllerCharge: CautionRule = {
  when: (at) => provesDead(at) && at.file.energy.some((e) => e.kind === 'capacitor'),
  sheets: { dead: true },
}
