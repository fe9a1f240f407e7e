import { closed, text, uuid, type Stored } from './fields.schema'

export const versions = { 1: closed({ target: uuid(), reason: text() }) }

export const samples: Stored<typeof versions> = {
  1: { target: '01a21089-c2e7-7676-a522-f2b4340beda1', reason: 'wrong line' },
}
