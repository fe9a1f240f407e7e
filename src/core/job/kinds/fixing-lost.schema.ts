import { closed, ids, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ members: ids(), text: text() }) }

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], text: 'under the bench' },
}
