import { type CautionRule, isDrive } from './caution'

export const sharpRotor: CautionRule = {
  when: ({ file, part }) => part?.role === 'motor' && !isDrive(file, part.id),
}
