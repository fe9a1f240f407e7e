import { closed, ids, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ members: ids(), cell: text(8) }) }

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], cell: 'A1' },
}
