import { closed, need, oneOf, stepId, testItems, type Stored } from './fields.schema'
import { CHECKS } from '../../machine'

export const versions = { 1: closed({ check: oneOf(CHECKS).required(), evidence: need(), step: stepId(), items: testItems() }) }

export const samples: Stored<typeof versions> = {
  1: { check: 'brakes', evidence: 'lever firm', step: 'up:step:front-brake-check', items: [{ name: 'lever firm', result: 'right' }] },
}
