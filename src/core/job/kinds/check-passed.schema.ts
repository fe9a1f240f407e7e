import { closed, need, oneOf, stepId, testItems, type Stored } from './fields.schema'
import { CHECK_IDS } from '../checks'

export const versions = { 1: closed({ check: oneOf(CHECK_IDS).required(), evidence: need(), step: stepId(), items: testItems() }) }

export const samples: Stored<typeof versions> = {
  1: { check: 'brakes', evidence: 'lever firm', step: 'up:step:front-brake-check', items: [{ name: 'lever firm', result: 'right' }] },
}
