import { OPENED } from '../../machine'
import { closed, list, oneOf, type Stored } from './fields.schema'

export const versions = { 1: closed({ opened: list(oneOf(OPENED).required(), 20).required() }) }

export const samples: Stored<typeof versions> = {
  1: { opened: ['tyre', 'plug'] },
}
