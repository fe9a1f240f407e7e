import { type CautionRule, uses } from './caution'

export const softAndEven: CautionRule = {
  when: (at) => at.joint?.kind === 'press' && uses(at, 'drift', 'press'),
  sheets: { stuck: true },
}
