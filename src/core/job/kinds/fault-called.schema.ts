import { closed, need, oneOf, text, type Stored } from './fields.schema'
import { FAULT_WAYS } from '../vocabulary'

const certainty = oneOf(['sure', 'maybe'])

export const versions = {
  1: closed({ fault: need(300), certainty, id: text(60), drive: text(80), action: text(200) }),
  2: closed({ fault: text(300), certainty, id: text(60), drive: text(80), way: oneOf(FAULT_WAYS) }).test(
    'said',
    '${path} names no fault',
    (x) => x === undefined || !!x.id || !!x.fault?.trim(),
  ),
}

export const samples: Stored<typeof versions> = {
  1: { fault: 'Hall wire broken', certainty: 'maybe', id: 'hall-wire', drive: 'front-drive', action: 'new motor' },
  2: { fault: 'cut through', certainty: 'maybe', id: 'hall-wire', drive: 'front-drive', way: 'swap' },
}
