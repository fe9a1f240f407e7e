import { closed, id, need, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ stray: id(), text: need(80), cell: text(8), note: text(300) }) }

export const samples: Stored<typeof versions> = { 1: { stray: 's1', text: 'M5×16', cell: 'B3', note: 'under the bench' } }
