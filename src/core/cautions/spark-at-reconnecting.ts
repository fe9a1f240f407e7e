import { type CautionRule, isHigh, makesLive } from './caution'

export const sparkAtReconnecting: CautionRule = {
  when: (at) => makesLive(at) && at.file.pack !== undefined && !isHigh(at.file) && at.file.energy.some((e) => e.kind === 'capacitor'),
}
