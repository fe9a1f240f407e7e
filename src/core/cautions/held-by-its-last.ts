import type { CautionRule } from './caution'

export const heldByItsLast: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ file, joint, limb }) => limb === 'down' && joint !== undefined && file.loadPath.some((l) => l.joints.includes(joint.id)),
}
