import { closed, oneOf, testItems, text, type Stored } from './fields.schema'
import { CHECK_IDS } from '../checks'

export const versions = { 1: closed({ check: oneOf(CHECK_IDS).required(), items: testItems().required(), text: text() }) }

export const samples: Stored<typeof versions> = {
  1: { check: 'spin test', items: [{ name: 'direction', result: 'wrong' }], text: 'backward' },
}
