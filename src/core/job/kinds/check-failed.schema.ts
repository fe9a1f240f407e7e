import { closed, oneOf, testItems, text, type Stored, wordedItems } from './fields.schema'
import { CHECK_IDS } from '../checks'

const check = oneOf(CHECK_IDS).required()

export const versions = {
  1: closed({ check, items: wordedItems().required(), text: text() }),
  2: closed({ check, items: testItems().required(), text: text() }),
}

export const samples: Stored<typeof versions> = {
  1: { check: 'spin test', items: [{ name: 'direction', result: 'wrong' }], text: 'backward' },
  2: {
    check: 'spin test',
    items: [
      { item: 'turns-forward', result: 'wrong' },
      { name: 'Chain stays on', result: 'right' },
    ],
    text: 'backward',
  },
}
