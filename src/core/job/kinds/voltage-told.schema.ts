import { closed, figure, oneOf, type Stored } from './fields.schema'
import { CHARGE_SOURCES } from '../../safety'

export const versions = {
  1: closed({
    from: oneOf(CHARGE_SOURCES).required(),
    volts: figure(1, 2000).required(),
    cells: figure(1, 500).integer(),
    chemistry: oneOf(['Li-ion', 'LFP', 'lead']),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { from: 'cells', volts: 54.6, cells: 13, chemistry: 'Li-ion' },
}
