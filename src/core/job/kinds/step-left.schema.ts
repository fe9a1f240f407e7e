import { closed, id, list, need, oneOf, stepId, text, type Stored } from './fields.schema'
import { LEFT_WHY } from '../vocabulary'

const members = () => list(id(), 500)

export const versions = {
  1: closed({ step: stepId().required(), reason: need(), members: members() }),
  2: closed({ step: stepId().required(), why: oneOf(LEFT_WHY).required(), reason: text(), members: members() }),
}

export const samples: Stored<typeof versions> = {
  1: { step: 'down:undo:deck-screws', reason: 'stuck', members: ['deck-screw-1'] },
  2: { step: 'down:undo:deck-screws', why: 'going another way', reason: 'stuck', members: ['deck-screw-1'] },
}
