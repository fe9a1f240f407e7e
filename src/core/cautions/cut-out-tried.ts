import type { CautionRule } from './caution'

export const cutOutTried: CautionRule = {
  when: ({ file, connection, step, limb }) =>
    limb === 'up' &&
    ((connection?.roles?.includes('brake') ?? false) ||
      (step?.check === 'spin test' && file.connections.some((c) => c.roles?.includes('brake')))),
}
