import { closed, need, oneOf, text, type Stored } from './fields.schema'
import { SKIPPED_WHY } from '../vocabulary'

export const versions = {
  1: closed({ test: need(200), reason: need(), /* The test in words. */ text: text(300), drive: text(80) }),
  2: closed({ test: need(200), why: oneOf(SKIPPED_WHY).required(), reason: text(), drive: text(80) }),
}

export const samples: Stored<typeof versions> = {
  1: { test: 'spin', text: 'Spin it', reason: 'no stand free', drive: 'front-drive' },
  2: { test: 'spin', why: 'out of reach', reason: 'no stand free', drive: 'front-drive' },
}
