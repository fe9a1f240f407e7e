import type { CautionRule } from './caution'

export const leadUnderCover: CautionRule = {
  when: ({ file, joint, limb }) =>
    limb === 'up' &&
    joint?.role === 'cover' &&
    file.cables.some((c) => c.route.some((id) => joint.holds.includes(file.holes.find((h) => h.id === id)?.part ?? ''))),
}
