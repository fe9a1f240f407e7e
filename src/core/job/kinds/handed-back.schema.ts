import { closed, need, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ to: need(200), text: text() }) }

export const samples: Stored<typeof versions> = {
  1: { to: 'pool', text: 'with thanks' },
}
