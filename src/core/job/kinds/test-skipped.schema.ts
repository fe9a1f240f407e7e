import { closed, need, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ test: need(200), reason: need(), /* The test in words. */ text: text(300), drive: text(80) }) }

export const samples: Stored<typeof versions> = {
  1: { test: 'spin', text: 'Spin it', reason: 'no stand free', drive: 'front-drive' },
}
