import { SALT_WATER } from '../vocabulary'
import { closed, figure, oneOf, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    is: oneOf(SALT_WATER).required(),
    /* How long it dried. */
    hours: figure(0, 10_000),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { is: 'dried', hours: 24 },
}
