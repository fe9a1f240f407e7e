import { type PropertyClass, strips, type Tapped } from '../fasteners'
import { into, mm, strength, thread, threadOf } from './fields'
import { working } from './working'

/** Thread enough for its screw, or what gives first. An insert counts as the thread that it has outside. */
export const stripping = working({
  edition: 1,
  group: 'screws',
  fields: { thread: thread('M6'), strength, into, engaged: mm(0, 200, { start: 9 }) },
  formula: 'A = π/P·L·d·(P/2 + 0.577·(d − d2));  F = 0.6·Rm·A;  Fscrew = As·Rm',
  source: 'FED-STD-H28/2B; VDI 2230-1:2015, 5.5.5; strengths of the hole: estimated',
  basis: 'estimated',
  work: ({ word, n }) => {
    const { first, at, enough } = strips(
      threadOf(word('thread')),
      word('strength') as PropertyClass,
      word('into') as Tapped,
      n('engaged').value,
    )
    return {
      result: { id: 'enough', value: enough, unit: 'mm' },
      also: [{ id: 'givesAt', value: at / 1000, unit: 'kN' }],
      verdict: first,
    }
  },
})
