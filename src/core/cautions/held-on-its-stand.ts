import { type CautionRule, drivesWheels } from './caution'

export const heldOnItsStand: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: (at) => at.step?.check === 'spin test' && drivesWheels(at.file),
  sheets: { 'spin test': ({ file }) => file === null || drivesWheels(file) },
}
