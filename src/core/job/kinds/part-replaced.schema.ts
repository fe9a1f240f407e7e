import { closed, id, stepId, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ part: id(), oldSerial: text(80), newSerial: text(80), step: stepId() }) }

export const samples: Stored<typeof versions> = {
  1: { part: 'front-motor', oldSerial: 'A', newSerial: 'B', step: 'front-swap-motor' },
}
