import { closed, figure, id, list, need, oneOf, some, stepId, text, type Stored } from './fields.schema'
import { ATTEMPTS } from '../../fasteners'
import { WEIGH_REASONS } from '../../diagnosis'
import { FAULT_WAYS } from '../vocabulary'

const tried = some({ way: oneOf(ATTEMPTS).required(), minutes: figure(0), distance: figure(0), near: text(120) })

export const versions = {
  1: closed({ text: need(), step: stepId(), tried }),
  2: closed({
    text: text(),
    step: stepId(),
    tried,
    /* Parts that went over to the new one. */
    moved: list(id(), 100),
    weighed: some({
      way: oneOf(FAULT_WAYS).required(),
      reason: oneOf(WEIGH_REASONS).required(),
      kilometres: figure(0).required(),
      partPrice: figure(0).required(),
      hourPrice: figure(0).required(),
    }),
  }).test(
    'said',
    '${path} says nothing',
    (x) => x === undefined || !!x.text?.trim() || x.tried !== undefined || x.weighed !== undefined || (x.moved ?? []).length > 0,
  ),
}

export const samples: Stored<typeof versions> = {
  1: { text: 'longer head', step: 'down:undo:deck-screws', tried: { way: 'warm', minutes: 3, distance: 2, near: 'the Hall lead' } },
  2: {
    text: 'longer head',
    step: 'down:undo:deck-screws',
    tried: { way: 'warm', minutes: 3, distance: 2, near: 'the Hall lead' },
    moved: ['tyre'],
    weighed: { way: 'swap', reason: 'worn out', kilometres: 9000, partPrice: 120, hourPrice: 60 },
  },
}
