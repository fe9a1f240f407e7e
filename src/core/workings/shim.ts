import { seatGap, shimFor } from '../bearings'
import { mm, readWidths, widths } from './fields'
import { working } from './working'

/** Is the bearing seated, and which shim behind its outer ring? */
export const shim = working({
  edition: 1,
  group: 'bearings',
  fields: {
    depth: mm(0, 200, { start: 9.2, u: 0.02, repeated: true }),
    bearing: mm(0.5, 100, { start: 8, u: 0.02, repeated: true }),
    collar: mm(0, 100, { start: 0.8, u: 0.02, repeated: true }),
    low: mm(-5, 5, { start: 0.05, u: 0 }),
    high: mm(-5, 5, { start: 0.2, u: 0 }),
    have: widths('0.1 0.2 0.3 0.5'),
  },
  formula: 'play = depth − bearing − collar;  with shim: play − shim',
  source: 'geometry; JCGM 100, JCGM 106',
  basis: 'geometry',
  work: ({ n, word, times }) => {
    if (n('high').value < n('low').value) return { senseless: 'most below least' }
    const gap = seatGap({ collar: n('collar'), bearing: n('bearing'), depth: n('depth') })
    const play = { value: -gap.value, u: gap.u }
    const { verdict, shim: best, chance } = shimFor(play, n('low').value, n('high').value, readWidths(word('have')) ?? [])
    return {
      result: { id: 'play', value: play.value, u: play.u, unit: 'mm' },
      also: [
        ...(best === undefined ? [] : [{ id: 'shim', value: best, unit: 'mm' } as const]),
        { id: 'stillOut', value: 100 * chance, unit: '%' },
      ],
      verdict,
      notes: [
        ...(['depth', 'bearing', 'collar'].some((f) => times(f) < 2) ? (['one reading'] as const) : []),
        ...(best === undefined ? [] : (['outer ring only'] as const)),
      ],
    }
  },
})
