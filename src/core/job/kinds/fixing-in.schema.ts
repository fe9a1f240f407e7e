import { closed, ids, pass, tightened, tightenedBefore, type Stored } from './fields.schema'

const members = { members: ids(), pass: pass().required() }

export const versions = {
  1: closed({ ...members, ...tightenedBefore }),
  2: closed({ ...members, tightened: tightened() }),
}

export const samples: Stored<typeof versions> = {
  1: { members: ['deck-screw-1'], pass: 'seated', torque: 2, how: 'feel', tool: 'short handle', reason: 'no room' },
  2: { members: ['deck-screw-1'], pass: 'final', tightened: { is: 'not read', tool: 'hex key', reason: 'no room' } },
}
