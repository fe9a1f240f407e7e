import type { CautionRule } from './caution'

export const whichWayItFaces: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ file, joint, limb }) =>
    limb === 'up' &&
    joint !== undefined &&
    file.stacks.some((s) => s.items.at(-1)?.joint === joint.id && s.items.at(-1)?.facing !== undefined),
}
