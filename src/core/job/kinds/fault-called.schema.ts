import { closed, need, oneOf, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({ fault: need(300), certainty: oneOf(['sure', 'maybe']), id: text(60), drive: text(80), action: text(200) }),
}

export const samples: Stored<typeof versions> = {
  1: { fault: 'Hall wire broken', certainty: 'maybe', id: 'hall-wire', drive: 'front-drive', action: 'new motor' },
}
