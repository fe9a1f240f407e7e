import { closed, id, list, need, stepId, type Stored } from './fields.schema'

export const versions = { 1: closed({ step: stepId().required(), reason: need(), members: list(id(), 500) }) }

export const samples: Stored<typeof versions> = {
  1: { step: 'down:undo:deck-screws', reason: 'stuck', members: ['deck-screw-1'] },
}
