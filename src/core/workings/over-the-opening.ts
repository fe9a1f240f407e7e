import { overTheOpening } from '../axle'
import { mm } from './fields'
import { working } from './working'

/** Does the stack go into the frame, or spread it? */
export const overOpening = working({
  edition: 1,
  group: 'axle',
  fields: {
    hub: mm(5, 600, { start: 97, u: 0.1 }),
    left: mm(0, 200, { start: 1.5 }),
    right: mm(0, 200, { start: 1.5 }),
    opening: mm(5, 600, { start: 100, u: 0.2 }),
  },
  formula: 'spread = hub + left + right − opening',
  source: 'geometry; JCGM 106; 0.5 mm of spread, 1 mm of play: estimated',
  basis: 'estimated',
  work: ({ n }) => {
    const piece = (id: string) => ({ width: n(id), clamped: true, turns: false })
    const { over, spread, verdict } = overTheOpening(n('hub'), [piece('left'), piece('right')], n('opening'))
    return {
      result: { id: 'spread', value: spread.value, u: spread.u, unit: 'mm' },
      also: [{ id: 'over', value: over.value, u: over.u, unit: 'mm' }],
      verdict,
    }
  },
})
