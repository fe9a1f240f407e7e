import { readBearing } from '../bearings'
import { bearing } from './fields'
import { working } from './working'

/** What stands on a bearing, as sizes. */
export const bearingSize = working({
  edition: 1,
  group: 'bearings',
  fields: { bearing: bearing('6001-2RS') },
  formula: 'series and bore code',
  source: 'ISO 15:2017; ISO 3245; clearance ISO 5753-1',
  basis: 'standard',
  work: ({ word }) => {
    const read = readBearing(word('bearing'))
    if ('nearest' in read) return { why: read.nearest }
    const [bore, outside, width] = read.size
    return {
      result: { id: 'bore', value: bore, unit: 'mm' },
      also: [
        { id: 'outside', value: outside, unit: 'mm' },
        { id: 'width', value: width, unit: 'mm' },
      ],
      name: read.designation,
      why: [read.kind, read.seals, read.clearance],
      notes: read.widthUnsure ? ['wider when sealed'] : [],
    }
  },
})
