import type { CautionRule } from './caution'

export const leadAtFullLock: CautionRule = {
  when: ({ file, subject, limb }) =>
    limb === 'up' && file.cables.some((c) => c.slack !== undefined && c.ties?.some((t) => t.joint === subject)),
}
