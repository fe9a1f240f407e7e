import { closed, id, list, need, stepId, type Stored } from './fields.schema'

export const versions = {
  1: closed({ step: stepId().required(), text: need() }),
  /* Which of its fixings are of another size. */
  2: closed({ step: stepId().required(), text: need(), members: list(id(), 200) }),
}

export const samples: Stored<typeof versions> = {
  1: { step: 'down:undo:deck-screws', text: 'twelve, not fourteen' },
  2: { step: 'down:undo:deck-screws', text: 'M4×14', members: ['deck-screw-1'] },
}
