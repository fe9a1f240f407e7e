import { closed, power, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ to: power().required(), how: text(200) }) }

export const samples: Stored<typeof versions> = {
  1: { to: 'isolated', how: 'unplugged' },
}
