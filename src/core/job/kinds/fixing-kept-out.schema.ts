import { closed, ids, need, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ members: ids(), reason: need() }), 2: closed({ members: ids(), reason: text() }) }

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], reason: 'hole is stripped' },
  2: { members: ['deck-screw-1'], reason: 'hole is stripped' },
}
