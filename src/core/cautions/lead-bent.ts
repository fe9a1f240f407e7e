import type { CautionRule } from './caution'

export const leadBent: CautionRule = {
  when: ({ file, joint, limb }) => limb === 'up' && joint !== undefined && file.cables.some((c) => c.route.includes(joint.id)),
}
