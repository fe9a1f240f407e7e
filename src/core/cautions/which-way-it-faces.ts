import type { CautionRule } from './caution'

export const whichWayItFaces: CautionRule = {
  when: ({ file, joint, limb }) =>
    limb === 'up' &&
    joint !== undefined &&
    file.stacks.some((s) => s.items.at(-1)?.joint === joint.id && s.items.at(-1)?.facing !== undefined),
}
