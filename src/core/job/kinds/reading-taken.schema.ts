import { closed, figure, id, list, measurement, need, some, stepId, text, yes, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    quantity: need(120),
    value: figure().required(),
    unit: need(16),
    u: figure(0),
    instrument: text(120),
    place: text(120),
    live: yes().required(),
    test: text(60),
    drive: text(80),
    raw: list(figure().required(), 12),
    step: stepId(),
  }),
  2: closed({
    measured: some(measurement).required(),
    /* Where, in words; or the part of the machine file that it was taken on. */
    place: text(120),
    part: id().optional(),
    test: text(60),
    drive: text(80),
    step: stepId(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    quantity: 'voltage',
    value: 52.1,
    unit: 'V',
    u: 0.1,
    instrument: 'meter 3',
    place: 'pack',
    live: true,
    test: 'pack-rest',
    drive: 'front-drive',
    raw: [52, 52.2],
    step: 'down:undo:deck-screws',
  },
  2: {
    measured: {
      quantity: 'resistance',
      result: { is: 'over', limit: 2000 },
      unit: 'Mohm',
      mode: 'insulation',
      live: false,
      instrument: { id: 'i-insulation', name: 'insulation tester', calibratedTo: '2027-02-24' },
      raw: [2000],
      condition: { testVolts: 500, seconds: 60, temperature: 21, rotor: 'still' },
    },
    place: 'winding to frame',
    part: 'front-motor',
    test: 'insulation',
    drive: 'front-drive',
    step: 'down:undo:deck-screws',
  },
}
