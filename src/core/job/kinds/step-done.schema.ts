import {
  closed,
  figure,
  id,
  ids,
  list,
  lock,
  move,
  pass,
  power,
  some,
  stepId,
  tightened,
  tightenedBefore,
  tightenedBy,
  TOOK,
  took,
  type Stored,
} from './fields.schema'

const done = {
  step: stepId().required(),
  pass: pass(),
  minutes: figure(0, 10_000),
  out: list(closed(move), 100),
  partsOff: list(id(), 100),
  partsOn: list(id(), 100),
  power: power(),
  /* Torque at which it let go: measured, never taken for a specification. */
  breakaway: figure(0, 5000),
  lock: some(lock),
}
const members = { members: ids(), pass: pass().required() }

export const versions = {
  1: closed({ ...done, in: some({ ...members, ...tightenedBefore }) }),
  2: closed({ ...done, in: some({ ...members, ...tightenedBy() }) }),
  3: closed({
    ...done,
    in: some({ ...members, tightened: tightened() }),
    /* Of a connection, which has no members. */
    tightened: tightened(),
    /* Minutes to wait by the maker's label, where somebody read it. */
    label: figure(0, 10_000),
    took: took(),
  }),
}

const DONE = {
  step: 'down:undo:deck-screws',
  pass: 'final',
  minutes: 4,
  out: [{ members: ['deck-screw-1'], to: 'cell', cell: 'A1' }],
  breakaway: 3.1,
  partsOff: ['deck-lid'],
  partsOn: ['pack'],
  power: 'out',
  lock: { product: 'medium', handlingMinutes: 20, cureHours: 24, temperature: 18 },
} as const
const IN = { members: ['deck-screw-1'], pass: 'final', torque: 2.5, how: 'wrench', tool: 'torque 1–6', reason: 'plastic' } as const

export const samples: Stored<typeof versions> = {
  1: { ...DONE, in: IN },
  2: { ...DONE, in: { ...IN, wrench: { id: 'i-torque-6', name: 'torque 1–6', calibratedTo: '2027-01-31' } } },
  3: {
    ...DONE,
    in: {
      members: ['deck-screw-1'],
      pass: 'final',
      tightened: {
        is: 'clicked',
        torque: 2.5,
        wrench: { id: 'i-torque-6', name: 'torque 1–6', calibratedTo: '2027-01-31' },
        scale: [1, 6],
        set: 2.2,
        adapter: { reach: 20, angle: 0 },
        reason: 'plastic',
      },
    },
    tightened: { is: 'felt', band: [5, 9] },
    label: 15,
    took: TOOK,
  },
}
