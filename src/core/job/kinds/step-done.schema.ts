import { closed, figure, id, ids, list, lock, move, pass, power, some, stepId, tightened, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    step: stepId().required(),
    pass: pass(),
    minutes: figure(0, 10_000),
    out: list(closed(move), 100),
    in: some({ members: ids(), pass: pass().required(), ...tightened }),
    partsOff: list(id(), 100),
    partsOn: list(id(), 100),
    power: power(),
    /* Torque at which it let go: measured, never taken for a specification. */
    breakaway: figure(0, 5000),
    lock: some(lock),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    step: 'down:undo:deck-screws',
    pass: 'final',
    minutes: 4,
    out: [{ members: ['deck-screw-1'], to: 'cell', cell: 'A1' }],
    in: { members: ['deck-screw-1'], pass: 'final', torque: 2.5, how: 'wrench', tool: 'torque 1–6', reason: 'plastic' },
    breakaway: 3.1,
    partsOff: ['deck-lid'],
    partsOn: ['pack'],
    power: 'out',
    lock: { product: 'medium', handlingMinutes: 20, cureHours: 24, temperature: 18 },
  },
}
