import { closed, figure, need, oneOf, some, stepId, text, type Stored } from './fields.schema'
import { ATTEMPTS } from '../../fasteners'

export const versions = {
  1: closed({
    text: need(),
    step: stepId(),
    tried: some({ way: oneOf(ATTEMPTS).required(), minutes: figure(0), distance: figure(0), near: text(120) }),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { text: 'longer head', step: 'down:undo:deck-screws', tried: { way: 'warm', minutes: 3, distance: 2, near: 'the Hall lead' } },
}
