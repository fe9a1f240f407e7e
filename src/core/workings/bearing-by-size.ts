import { bearingsOf } from '../bearings'
import { mm } from './fields'
import { working } from './working'

/** Which bearing it is, by what a caliper says of it or of its seats. */
export const bearingBySize = working({
  edition: 1,
  group: 'bearings',
  fields: {
    bore: mm(1, 60, { start: 12, optional: true }),
    outside: mm(3, 130, { start: 28, optional: true }),
    width: mm(1, 40, { start: 8, optional: true }),
  },
  formula: 'each figure within 0.3 mm of the standard’s',
  source: 'ISO 15:2017, to a bore of 50 mm; 0.3 mm: estimated',
  basis: 'estimated',
  work: ({ maybe }) => {
    const [bore, outside, width] = ['bore', 'outside', 'width'].map((f) => maybe(f)?.value)
    const found = bearingsOf({
      ...(bore === undefined ? {} : { bore }),
      ...(outside === undefined ? {} : { outside }),
      ...(width === undefined ? {} : { width }),
    })
    return { result: { id: 'found', value: found.length, unit: null }, why: found.slice(0, 12) }
  },
})
