import { closed, oneOf, text, type Stored } from './fields.schema'
import { STAGES } from '../stages'

export const versions = { 1: closed({ to: oneOf(STAGES).required(), reason: text() }) }

export const samples: Stored<typeof versions> = {
  1: { to: 'take down', reason: 'again' },
}
