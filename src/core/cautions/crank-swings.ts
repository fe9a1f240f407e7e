import { type CautionRule, uses } from './caution'

export const crankSwings: CautionRule = {
  when: (at) => at.limb === 'down' && at.file.drives.some((d) => d.kind === 'mid-drive') && uses(at, 'puller'),
}
