import type { LogFault, RideLogFault } from '../../core/ride'

/** Why a file is no ride log, and what to do. */
export function rideFaultWords(fault: LogFault | RideLogFault): string {
  switch (fault.kind) {
    case 'empty':
      return 'The file holds no line of a ride. Export it once more.'
    case 'too large':
      return `The file has ${Math.round(fault.bytes / 1e6)} MB; 200 MB are read. Cut it, or log more slowly.`
    case 'no header':
      return `The first line is no header (“${fault.found}”). It should name the columns: time, speed, current, voltage, motor temperature.`
    case 'no time':
      return `No time column among: ${fault.columns.join(', ')}. One has to be called time.`
    case 'no channel':
      return `Neither speed, current, voltage nor temperature ${'columns' in fault ? `among: ${fault.columns.join(', ')}` : 'is in it'}.`
    case 'nothing readable':
      return `No line can be read. The first that cannot, line ${fault.row}: “${fault.found}”.`
    case 'too few rows':
      return `Only ${fault.rows} lines: a ride has ten or more.`
    case 'no time passes':
      return 'The time stands still or runs backward in every line. The logger’s clock was not running.'
  }
}
