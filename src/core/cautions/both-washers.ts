import type { CautionRule } from './caution'

export const bothWashers: CautionRule = {
  when: ({ file, joint, limb }) =>
    limb === 'up' && joint?.kind === 'washers' && file.stacks.some((s) => s.items.some((i) => i.joint === joint.id)),
}
