import { closed, ids, need, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({ members: ids(), label: need(80), reason: need() }),
  2: closed({ members: ids(), label: text(80), reason: text() }),
}

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], label: 'M4×10 new', reason: 'rounded' },
  2: { members: ['deck-screw-1'], label: 'M4×10 new', reason: 'rounded' },
}
