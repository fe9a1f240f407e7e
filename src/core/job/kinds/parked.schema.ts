import { closed, need, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ why: need(), where: text(300).defined(), safe: need() }) }

export const samples: Stored<typeof versions> = {
  1: { why: 'waiting for a motor', where: 'shelf 2', safe: 'pack out' },
}
