import type { CautionRule } from './caution'

export const magnets: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ file, action }) => file.drives.some((d) => action === `off:${d.part}`),
}
