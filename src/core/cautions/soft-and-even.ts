import { type CautionRule, uses } from './caution'

export const softAndEven: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.joint?.kind === 'press' && uses(at, 'drift', 'press'),
  sheets: { stuck: true },
}
