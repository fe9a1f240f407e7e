import { closed, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ text: text() }) }

export const samples: Stored<typeof versions> = {
  1: { text: 'motor came' },
}
