import { type CautionRule, provesDead } from './caution'

export const sleepingPack: CautionRule = {
  when: (at) => provesDead(at) && at.file.pack?.chemistry === 'Li-ion',
  sheets: { dead: ({ file }) => file === null || file.pack?.chemistry === 'Li-ion' },
}
