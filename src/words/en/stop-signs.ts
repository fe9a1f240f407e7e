import type { StopSign } from '../../core/ride'

export const STOP_WORDS: Readonly<Record<StopSign, string>> = {
  noise: 'A noise',
  smell: 'A smell',
  code: 'A code',
  'motor too hot': 'Motor over its limit',
  'mark moved': 'A mark that moved',
  'brake soft': 'Lever soft',
  'pulls to a side': 'Pulls to a side',
}
