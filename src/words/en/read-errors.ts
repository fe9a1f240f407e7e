import { formatNumber, type ReadFault, unitLabel } from '../../core/units'

const figure = (x: number): string => formatNumber(x, 2).replace('-', '−')

/** Why what was keyed in is no reading, in the app's voice. */
export function readFaultWords(text: string, unit: string, fault: ReadFault): string {
  const label = unitLabel(unit)
  switch (fault.kind) {
    case 'empty':
      return 'Key in what the instrument shows, 0 too.'
    case 'not a number':
      return `“${text}” is not a number.`
    case 'unknown unit':
      return `“${fault.unit}” is no unit that is known here. This wants ${label}.`
    case 'wrong unit':
      return `“${text}”: this wants ${label}, not ${fault.unit}.`
    case 'out of range':
      return `“${text.trim()}” is outside ${figure(fault.from)} to ${figure(fault.to)} ${label}. Look at the range and the leads.`
  }
}
