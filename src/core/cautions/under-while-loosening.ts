import { type CautionRule, uses } from './caution'

/** N·m from which a bolt that lets go rocks what stands on stands. */
const BIG_FROM = 20

export const underWhileLoosening: CautionRule = {
  when: ({ file, joint, pose, limb }) =>
    limb === 'down' &&
    (joint?.torque?.value ?? 0) >= BIG_FROM &&
    file.poseMoves.some((m) => m.to === pose && uses({ tools: file.tools.filter((t) => m.with?.includes(t.id)) }, 'jack', 'stands')),
}
