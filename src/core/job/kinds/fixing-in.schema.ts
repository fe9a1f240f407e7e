import { closed, ids, pass, tightened, type Stored } from './fields.schema'

export const versions = { 1: closed({ members: ids(), pass: pass().required(), ...tightened }) }

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], pass: 'seated', torque: 2, how: 'feel', tool: 'short handle', reason: 'no room' },
}
