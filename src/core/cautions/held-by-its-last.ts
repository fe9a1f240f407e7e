import type { CautionRule } from './caution'

export const heldByItsLast: CautionRule = {
  when: ({ file, joint, limb }) => limb === 'down' && joint !== undefined && file.loadPath.some((l) => l.joints.includes(joint.id)),
}
