import { STRAY_IS } from '../vocabulary'
import { closed, id, oneOf, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ stray: id(), is: oneOf(STRAY_IS).required(), member: id().optional(), note: text(300) }) }

export const samples: Stored<typeof versions> = {
  1: { stray: 's1', is: 'one of these', member: 'deck-screw-1', note: 'it had rolled off' },
}
