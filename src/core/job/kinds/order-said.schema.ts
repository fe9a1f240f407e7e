import { ORDER_SAID } from '../off/way-up'
import { closed, oneOf, stepId, type Stored } from './fields.schema'

export const versions = {
  1: closed({ step: stepId().required(), of: stepId().required(), is: oneOf(ORDER_SAID).required() }),
}

export const samples: Stored<typeof versions> = { 1: { step: 'off:n1', of: 'off:n2', is: 'held' } }
