import type { Channel, LogFault, RideLogFault } from '../../core/ride'

/** What a column can be taken for. */
export const ROLE_NAMES: Readonly<Record<'time' | Channel, string>> = {
  time: 'time',
  speed: 'speed',
  current: 'current of the pack',
  voltage: 'voltage of the pack',
  temperature: 'temperature of the motor',
}

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
      return `No column here is certainly the time: ${fault.columns.join(', ')}. Say below which one is.`
    case 'no channel':
      return 'columns' in fault
        ? `No column here is certainly speed, current, voltage or motor temperature: ${fault.columns.join(', ')}. Say below which are.`
        : 'Neither speed, current, voltage nor temperature is in it.'
    case 'nothing readable':
      return `No line can be read. The first that cannot, line ${fault.row}: “${fault.found}”.`
    case 'too few rows':
      return `Only ${fault.rows} lines: a ride has ten or more.`
    case 'no time passes':
      return 'The time stands still or runs backward in every line. The logger’s clock was not running.'
  }
}
