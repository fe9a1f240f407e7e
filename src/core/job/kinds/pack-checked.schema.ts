import { closed, figure, instrumentUsed, list, oneOf, some, type Stored } from './fields.schema'
import { PACK_SIGNS } from '../../safety'

const looked = {
  result: oneOf(['sound', 'quarantine']).required(),
  signs: list(oneOf(PACK_SIGNS).required(), 40).required(),
  lowestGroup: figure(0, 10),
  temperature: figure(-50, 200),
}

export const versions = { 1: closed(looked), 2: closed({ ...looked, instrument: some(instrumentUsed) }) }

const LOOKED = { result: 'quarantine', signs: ['swollen'], lowestGroup: 2.4, temperature: 21 } as const

export const samples: Stored<typeof versions> = {
  1: LOOKED,
  2: { ...LOOKED, instrument: { id: 'i-meter-3', name: 'meter 3', calibratedTo: '2027-02-24' } },
}
