import { closed, fixingSpec, id, list, need, partSpec, stepId, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    step: id(),
    title: need(200),
    after: stepId(),
    tool: text(60),
    fixings: list(fixingSpec(), 200).required(),
    parts: list(partSpec(), 50).required(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    step: 'n1',
    title: 'Lift the crate',
    after: 'n0',
    tool: 'hex 5',
    fixings: [
      {
        id: 'f1',
        joint: 'n1',
        label: 'M5',
        place: 'top',
        keep: 'cell',
        cell: 'A1',
        at: [0, 1],
        captive: true,
        stay: true,
        consumable: true,
      },
    ],
    parts: [{ id: 'p1', name: 'crate' }],
  },
}
