import { cut } from '../text'
import type { OffFacts, OffSort } from '../job'
import { offRule } from '../job'
import type { Line } from './line'
import { sizeText } from './threads'
import { NOT_COUNTED, type Sort } from './words'
import { lineText } from './write'

/** What each sort of a line behaves as, once it is off. */
const BEHAVES: Readonly<Record<Sort, OffSort>> = {
  'lock nut': 'nut',
  'castle nut': 'nut',
  'cap nut': 'nut',
  'flange nut': 'nut',
  'wing nut': 'nut',
  'thin nut': 'nut',
  nut: 'nut',
  'spring washer': 'washer',
  'star washer': 'washer',
  'tab washer': 'washer',
  'wide washer': 'washer',
  washer: 'washer',
  'snap ring': 'ring',
  'O-ring': 'ring',
  seal: 'ring',
  'lock ring': 'ring',
  ring: 'ring',
  'half-round key': 'clip',
  key: 'clip',
  'split pin': 'clip',
  'roll pin': 'clip',
  dowel: 'clip',
  pin: 'clip',
  'E-clip': 'clip',
  'push rivet': 'clip',
  rivet: 'clip',
  clip: 'clip',
  tie: 'tie',
  tape: 'tape',
  spacer: 'washer',
  bush: 'washer',
  shim: 'washer',
  spring: 'clip',
  bearing: 'part',
  plug: 'plug',
  bullet: 'plug',
  lug: 'plug',
  screw: 'screw',
}

/**
 * What a typed line says of something that came off. What is counted nowhere counts as one part, plug or tape; several of a sort of
 * which nobody said how many are one part as well: a count is never guessed.
 */
export function offFrom(line: Line): OffFacts {
  const { count, sort, thread, cell, states } = line
  const behaves: OffSort = sort !== undefined ? BEHAVES[sort] : thread || count > 0 ? 'screw' : 'part'
  const uncounted = count === 0 && offRule(behaves).is === 'fixings' && !(sort !== undefined && NOT_COUNTED.has(sort))
  const text = cut(lineText(line), 200).trim()
  return {
    sort: uncounted ? 'part' : behaves,
    count: Math.max(1, count),
    ...(text ? { text } : {}),
    ...(cell !== undefined ? { cell } : {}),
    ...(states.length > 0 ? { condition: cut(states.join(', '), 120) } : {}),
    ...(thread ? { thread: sizeText(thread, undefined) } : {}),
  }
}
