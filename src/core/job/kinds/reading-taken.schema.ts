import { closed, figure, list, need, stepId, text, yes, type Stored } from './fields.schema'

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
}
