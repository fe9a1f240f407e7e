import { closed, ids, need, type Stored } from './fields.schema'

export const versions = { 1: closed({ members: ids(), label: need(80), reason: need() }) }

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], label: 'M4×10 new', reason: 'rounded' },
}
