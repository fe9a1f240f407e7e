import { LOOK_OF } from '../vocabulary'
import { closed, id, oneOf, stepId, testItems, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    of: oneOf(LOOK_OF).required(),
    /* The step down that it is before; absent where it is of no step. */
    step: stepId(),
    items: testItems().min(1).required(),
    /* What was found, in words. */
    text: text(400),
    /* The step that takes away what was found. */
    found: id().optional(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    of: 'last look',
    step: 'down:off:motor',
    items: [
      { item: 'leads-clear', result: 'right' },
      { item: 'hoses-clear', result: 'wrong' },
      { name: 'Shaft off its spline', result: 'right' },
    ],
    text: 'Drain hose still on its spigot',
    found: 'n1',
  },
}
