import { closed, figure, instrumentUsed, oneOf, some, type Stored } from './fields.schema'
import { CHARGE_SOURCES } from '../../safety'

const told = {
  from: oneOf(CHARGE_SOURCES).required(),
  volts: figure(1, 2000).required(),
  cells: figure(1, 500).integer(),
  chemistry: oneOf(['Li-ion', 'LFP', 'lead']),
}

export const versions = { 1: closed(told), 2: closed({ ...told, instrument: some(instrumentUsed) }) }

const TOLD = { from: 'cells', volts: 54.6, cells: 13, chemistry: 'Li-ion' } as const

export const samples: Stored<typeof versions> = {
  1: TOLD,
  2: { ...TOLD, instrument: { id: 'i-meter-3', name: 'meter 3', calibratedTo: '2027-02-24' } },
}
