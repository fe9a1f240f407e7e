import type { CautionRule } from './caution'

export const steeringPlay: CautionRule = {
  when: ({ file, joint, limb }) =>
    limb === 'up' && joint?.critical === 'steering' && joint.kind === 'nut' && file.loadPath.some((l) => l.joints.includes(joint.id)),
}
