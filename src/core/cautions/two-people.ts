import type { CautionRule } from './caution'
import { TWO_PEOPLE_ABOVE } from '../safety'

export const twoPeople: CautionRule = {
  level: 'stop',
  asks: 'hand',
  when: ({ file, subject }) => (file.parts.find((p) => p.id === subject)?.mass?.value ?? 0) > TWO_PEOPLE_ABOVE,
}
