import { closed, list, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ goals: list(text(120).required(), 20).required(), text: text(200).defined() }) }

export const samples: Stored<typeof versions> = {
  1: { goals: ['front-motor-goal'], text: 'front motor' },
}
