import type { CautionRule } from './caution'

export const leverWithDiscOut: CautionRule = {
  when: ({ file, part, limb }) =>
    limb === 'down' && (part?.of?.some((id) => file.parts.find((p) => p.id === id)?.role === 'brake') ?? false),
}
