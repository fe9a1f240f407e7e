import { type CautionRule, drivesWheels } from './caution'

export const heldOnItsStand: CautionRule = {
  when: (at) => at.step?.check === 'spin test' && drivesWheels(at.file),
  sheets: { 'spin test': ({ file }) => file === null || drivesWheels(file) },
}
