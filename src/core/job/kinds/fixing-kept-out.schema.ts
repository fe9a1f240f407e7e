import { closed, ids, need, type Stored } from './fields.schema'

export const versions = { 1: closed({ members: ids(), reason: need() }) }

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], reason: 'hole is stripped' },
}
