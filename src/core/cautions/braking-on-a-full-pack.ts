import type { CautionRule } from './caution'

export const brakingOnAFullPack: CautionRule = {
  sheets: { ride: ({ file }) => file === null || file.drives.some((d) => d.kind === 'hub direct' || d.kind === 'traction') },
}
