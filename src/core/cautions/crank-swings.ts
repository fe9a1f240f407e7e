import { type CautionRule, uses } from './caution'

export const crankSwings: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => at.limb === 'down' && at.file.drives.some((d) => d.kind === 'mid-drive') && uses(at, 'puller'),
}
