import { formatNumber, type ReadFault, unitLabel } from '../../core/units'

/** Why what was keyed in is no reading, in the app's voice. */
export function readFaultWords(text: string, unit: string, fault: ReadFault): string {
  const label = unitLabel(unit)
  switch (fault.kind) {
    case 'empty': return 'Key in what the instrument shows, 0 too.'
    case 'not a number': return `“${text}” is not a number.`
    case 'unknown unit': return `“${fault.unit}” is no unit that is known here. This wants ${label}.`
    case 'wrong unit': return `“${text}”: this wants ${label}, not ${fault.unit}.`
    case 'out of range': return `${formatNumber(fault.value, 2)} ${label} is outside ${formatNumber(fault.from, 2)} to ${formatNumber(fault.to, 2)} ${label}. Look at the range and the leads.`
  }
}
