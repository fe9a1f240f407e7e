import { PIN_MARKS, PIN_OF } from '../vocabulary'
import { point } from './came-off.schema'
import { closed, figure, need, oneOf, some, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    ...point,
    of: some({ is: oneOf(PIN_OF).required(), id: need(140) }),
    mark: oneOf(PIN_MARKS),
    from: some({ x: figure(0, 1).required(), y: figure(0, 1).required() }),
    text: text(300),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    photo: 'ab'.repeat(32),
    x: 0.5,
    y: 0.25,
    of: { is: 'fixing', id: 'deck-screw-1' },
    mark: 'arrow',
    from: { x: 0.7, y: 0.1 },
    text: 'behind the mat',
  },
}
