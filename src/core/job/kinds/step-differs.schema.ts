import { closed, need, stepId, type Stored } from './fields.schema'

export const versions = { 1: closed({ step: stepId().required(), text: need() }) }

export const samples: Stored<typeof versions> = {
  1: { step: 'down:undo:deck-screws', text: 'twelve, not fourteen' },
}
