import { closed, figure, list, need, oneOf, type Stored } from './fields.schema'
import { PROOF_ROLES } from '../../safety'

export const versions = {
  1: closed({
    readings: list(closed({ between: need(120), volts: figure(-2000, 2000).required(), role: oneOf(PROOF_ROLES) }), 20)
      .min(1)
      .required(),
    instrument: need(120),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { readings: [{ between: 'front feed', volts: 0.2, role: 'poles' }], instrument: 'meter 3' },
}
