import type { Bearing, NumberRead } from '../../../core/bearings'

export const oldNumber = (name: string): string => `Old ${name}, number`
export const newNumber = 'New, number'
const size = ({ size: [bore, outside, width] }: Pick<Bearing, 'size'>): string => `${bore} × ${outside} × ${width} mm`
export const inTheFile = (bearing: Bearing): string => `In the file: ${bearing.designation}, ${size(bearing)}.`

const SEALS = { open: 'open', shielded: 'shielded', sealed: 'sealed' } as const
/** What is other about a number that was read; nothing where it is the same. */
export function otherNumber(which: 'old' | 'new', read: NumberRead): string {
  const whose = which === 'old' ? 'The old one' : 'The new one'
  if (read.is === 'same') return ''
  if (read.is === 'not made') return `${whose}: no bearing has this number. Nearest: ${read.nearest.join(', ')}.`
  const { read: is, wanted } = read
  switch (read.in) {
    case 'size':
    case 'kind':
      return `${whose}, ${is.designation}, is ${size(is)}. The file has ${size(wanted)}.`
    case 'clearance':
      return `${whose} has clearance ${is.clearance}. The file has ${wanted.clearance}.`
    case 'seals':
      return `${whose} is ${SEALS[is.seals]}. The file has it ${SEALS[wanted.seals]}.`
  }
}
