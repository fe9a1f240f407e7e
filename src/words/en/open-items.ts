import type { JobState, LoosePiece, OpenItem } from '../../core/job'
import { checkWords } from './checks'
import { poseWords } from './poses'
import { shortWords } from './delivery'
import { titleOf } from './titles'

const pieces = (list: readonly LoosePiece[]): string => list.map((p) => `${p.label}, ${p.place}`).join('; ')

type Says = { readonly [K in OpenItem['is']]: (item: Extract<OpenItem, { readonly is: K }>, state: JobState) => string }

const SAYS: Says = {
  power: ({ power, dead }) => {
    if (power === 'live') return 'It is live: nobody has isolated it'
    if (!dead) return `${power === 'out' ? 'The pack is out' : 'Isolated'}, but not shown to be dead`
    return power === 'out' ? 'The pack is out, and it was shown to be dead' : 'Isolated and shown to be dead, the pack aboard'
  },
  pose: ({ pose, name }) => `Turned last: ${name || poseWords(pose)}`,
  disputed: (item) => `Two devices disagree on ${pieces(item.pieces)}`,
  lost: (item) => `Lost: ${pieces(item.pieces)}`,
  'wanted new': (item) => `A new one to get: ${pieces(item.pieces)}`,
  short: ({ items }) => `Short of what should have come: ${shortWords(items).join(', ')}`,
  loose: ({ count, cells }) => `${count} loose in ${cells.join(', ')}`,
  off: ({ parts }) => `Off: ${parts.join(', ')}`,
  next: ({ step }, state) => `Next: ${titleOf(state, step)}`,
  'no strength yet': ({ product, subject }, state) => `${product} on “${titleOf(state, subject)}” has no handling strength yet`,
  'not passed': ({ check }) => `${checkWords(check)}: not passed`,
}

/** What whoever takes a job up has to know, in words. */
export function openItemWords(item: OpenItem, state: JobState): string {
  const say: (item: never, state: JobState) => string = SAYS[item.is]
  return say(item as never, state)
}
