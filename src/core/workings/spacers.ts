import { spacerWays } from '../axle'
import { mm, readWidths, widths } from './fields'
import { working } from './working'

const sure = { u: 0 } as const

/** Which spacers, on which side: clearance at cog and disc, and the width over all. */
export const spacers = working({
  edition: 1,
  group: 'axle',
  fields: {
    have: widths('0.5 1 1 1.5 2 2'),
    gapLeft: mm(0, 50, { start: 3, ...sure }),
    wantLeft: mm(0, 50, { start: 3, ...sure }),
    gapRight: mm(0, 50, { start: 1.5, ...sure }),
    wantRight: mm(0, 50, { start: 3, ...sure }),
    room: mm(0, 50, { start: 2, ...sure }),
    within: mm(0, 10, { start: 0.5, ...sure }),
  },
  formula: 'gap + spacers within wanted ± tolerance, on both sides;  left + right ≤ room',
  source: 'every way is tried',
  basis: 'geometry',
  work: ({ n, word }) => {
    const by = n('within').value
    const need = (gap: string, want: string) => {
      const d = n(want).value - n(gap).value
      return { low: Math.max(0, d - by), high: Math.max(0, d + by) }
    }
    const ways = spacerWays({
      have: readWidths(word('have')) ?? [],
      left: need('gapLeft', 'wantLeft'),
      right: need('gapRight', 'wantRight'),
      both: { low: 0, high: n('room').value },
    })
    const [best] = ways
    const sum = best ? [...best.left, ...best.right].reduce((a, b) => a + b, 0) : 0
    return {
      ...(best ? { result: { id: 'both', value: sum, unit: 'mm' as const } } : {}),
      also: [{ id: 'ways', value: ways.length, unit: null }],
      verdict: best ? 'there is a way' : 'no way',
      ways: ways.slice(0, 6),
    }
  },
})
