import type { Behind } from '../../core/fasteners'
import type { WorkingId } from '../../core/workings'
import { unitLabel } from '../../core/units'

/** What each working is called. */
export const WORKING_NAMES: Readonly<Record<WorkingId, string>> = {
  'length-in-hole': 'Screw in its hole',
  stripping: 'Thread enough',
  'used-again': 'Use it again?',
  tightening: 'How tight',
  'which-number': 'Which number?',
  pattern: 'Which next?',
  adapter: 'Wrench with an adapter',
  'hand-force': 'Pull by hand',
  cure: 'Threadlocker',
  'shaft-stack': 'Stack on a shaft',
  'over-opening': 'Stack in its frame',
  'thread-left': 'Thread past the nut',
  spacers: 'Which spacers',
  'rim-shift': 'Rim in the middle',
  reaction: 'Axle under throttle',
  'which-bearing': 'Which one is worn?',
  'bearing-size': 'Bearing number',
  'bearing-by-size': 'Which bearing is it?',
  'bearing-fit': 'Press or slip',
  shim: 'Seat and shim',
  play: 'Play and preload',
  'running-gap': 'Clearance over a turn',
  sheets: 'Gap by sheets of paper',
  belt: 'Belt',
  bleed: 'Bleeding down',
  units: 'Other units',
}

/** What lies behind a hole. */
export const BEHIND_WORDS: Readonly<Record<Behind, string>> = {
  winding: 'a winding',
  lead: 'a lead',
  cell: 'a cell',
  bearing: 'a bearing',
  nothing: 'nothing',
}

/** A figure to the digits that its doubt leaves, and twice its standard uncertainty: `1.55 ± 0.46 mm`. */
export function figureText(value: number, unit: string | null, u?: number): string {
  const size = Math.abs(value)
  const doubtful = u !== undefined && u > 0
  const plain = size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3
  const decimals = doubtful ? Math.max(0, Math.min(3, 1 - Math.floor(Math.log10(2 * u)))) : plain
  const text = (doubtful ? value.toFixed(decimals) : String(Number(value.toFixed(decimals)))).replace('-', '−')
  return `${text}${doubtful ? ` ± ${(2 * u).toFixed(decimals)}` : ''}${unit === null ? '' : ` ${unitLabel(unit)}`}`
}
