import { contradicted, seatGap, shimFor } from '../bearings'
import { strayReading } from '../doubt'
import { mm, readWidths, widths } from './fields'
import { working } from './working'

const READ = ['depth', 'bearing', 'collar'] as const
/** The smallest step of a caliper or depth gauge, mm. */
const STEP = 0.01

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
    byHand: mm(-50, 200, { u: 0, optional: true }),
  },
  formula: 'play = depth − bearing − collar;  with shim: play − shim',
  source: 'geometry; JCGM 100, JCGM 106',
  basis: 'geometry',
  work: ({ n, maybe, word, raw }) => {
    if (n('high').value < n('low').value) return { senseless: 'most below least' }
    const gap = seatGap({ collar: n('collar'), bearing: n('bearing'), depth: n('depth') })
    const play = { value: -gap.value, u: gap.u }
    const typed = maybe('byHand')?.value
    const { verdict, shim: best, chance } = shimFor(play, n('low').value, n('high').value, readWidths(word('have')) ?? [])
    return {
      result: { id: 'play', value: play.value, u: play.u, unit: 'mm' },
      also: [
        ...(best === undefined ? [] : [{ id: 'shim', value: best, unit: 'mm' } as const]),
        { id: 'stillOut', value: 100 * chance, unit: '%' },
      ],
      verdict,
      notes: [
        ...(READ.some((f) => raw(f).length < 2) ? (['one reading'] as const) : []),
        ...(READ.some((f) => strayReading(raw(f), STEP) !== null) ? (['odd reading'] as const) : []),
        ...(typed !== undefined && contradicted(n('depth').value, n('bearing').value + n('collar').value, typed, STEP) !== null
          ? (['not that difference'] as const)
          : []),
        ...(best === undefined ? [] : (['outer ring only'] as const)),
      ],
    }
  },
})
