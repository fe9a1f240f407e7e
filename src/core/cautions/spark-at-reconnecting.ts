import { type CautionRule, isHigh, makesLive } from './caution'

export const sparkAtReconnecting: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: (at) => makesLive(at) && at.file.pack !== undefined && !isHigh(at.file) && at.file.energy.some((e) => e.kind === 'capacitor'),
}
