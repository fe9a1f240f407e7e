import { type CautionRule, isDrive } from './caution'

export const sharpRotor: CautionRule = {
  level: 'look',
  asks: 'eye',
  when: ({ file, part }) => part?.role === 'motor' && !isDrive(file, part.id),
}
