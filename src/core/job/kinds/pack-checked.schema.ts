import { closed, figure, list, oneOf, type Stored } from './fields.schema'
import { PACK_SIGNS } from '../../safety'

export const versions = {
  1: closed({
    result: oneOf(['sound', 'quarantine']).required(),
    signs: list(oneOf(PACK_SIGNS).required(), 40).required(),
    lowestGroup: figure(0, 10),
    temperature: figure(-50, 200),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { result: 'quarantine', signs: ['swollen'], lowestGroup: 2.4, temperature: 21 },
}
