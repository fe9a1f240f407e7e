import { closed, need, oneOf, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ text: need(), certainty: oneOf(['sure', 'maybe']), symptom: text(60) }) }

export const samples: Stored<typeof versions> = {
  1: { text: 'jerks', certainty: 'sure', symptom: 'jerks' },
}
