import { closed, ids, type Stored } from './fields.schema'

export const versions = { 1: closed({ parts: ids() }) }

export const samples: Stored<typeof versions> = {
  1: { parts: ['deck-lid'] },
}
