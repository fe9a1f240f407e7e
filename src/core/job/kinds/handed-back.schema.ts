import { COMPLAINT_NOW, USED_UNITS } from '../vocabulary'
import { closed, figure, need, oneOf, some, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({ to: need(200), text: text() }),
  2: closed({
    to: need(200),
    text: text(),
    as: oneOf(['not repaired']),
    why: text(),
    complaint: oneOf(COMPLAINT_NOW),
    used: some({ value: figure(0, 10_000_000).required(), unit: oneOf(USED_UNITS).required() }),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { to: 'pool', text: 'with thanks' },
  2: {
    to: 'pool',
    text: 'with thanks',
    as: 'not repaired',
    why: 'no part to be had',
    complaint: 'still there',
    used: { value: 1243, unit: 'km' },
  },
}
