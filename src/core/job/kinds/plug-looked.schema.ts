import { PLUG_IS } from '../vocabulary'
import { closed, id, need, oneOf, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    /* Of the machine file; absent where it knows none. */
    connection: id().optional(),
    name: need(120),
    is: oneOf(PLUG_IS).required(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { connection: 'front-phases', name: 'Phase bullets, front', is: 'loose' },
}
