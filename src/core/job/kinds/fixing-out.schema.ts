import { closed, move, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ ...move, condition: text(120) }) }

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], to: 'cell', cell: 'A1', condition: 'worn' },
}
