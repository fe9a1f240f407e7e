import { gapOfSheets } from '../axle'
import { working } from './working'

/** A gap by counted sheets of paper. */
export const sheets = working({
  edition: 1,
  group: 'clearance',
  fields: {
    count: { is: 'number', unit: null, low: 1, high: 500, start: 4, whole: true },
    pack: { is: 'number', unit: 'mm', low: 0.5, high: 500, start: 52, u: 0.3 },
    inPack: { is: 'number', unit: null, low: 1, high: 5000, start: 500, whole: true },
  },
  formula: 'gap = (n + ½)·pack/sheets: n pass, one more does not',
  source: 'geometry; JCGM 100',
  basis: 'geometry',
  work: ({ n }) => {
    const gap = gapOfSheets({ count: n('count').value, pack: n('pack'), inPack: n('inPack').value })
    return { result: { id: 'gap', value: gap.value, u: gap.u, unit: 'mm' } }
  },
})
