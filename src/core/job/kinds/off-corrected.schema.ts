import { mixed } from 'yup'
import { offFacts, offId } from './came-off.schema'
import { closed, stepId, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    ...offFacts,
    step: offId().required(),
    /* The step that it came off after, null where it was the first; it stays where it is where that is left out. */
    after: mixed<string>()
      .nullable()
      .test('step', '${path} is not the id of a step', (x) => x === null || x === undefined || stepId().isValidSync(x)),
  }),
}

/** What else it may be, as far as it claims other things. */
export const more = [{ step: 'off:n1', sort: 'part', count: 1 }] as const

export const samples: Stored<typeof versions> = {
  1: {
    step: 'off:n1',
    sort: 'screw',
    count: 7,
    text: 'M4×12',
    after: null,
    keep: 'cell',
    cell: 'A2',
    condition: 'rusty',
    hangs: 'propped',
    of: 'brake',
    thread: 'M4',
    tool: 'T20',
    pin: { photo: 'ab'.repeat(32), x: 0.2, y: 0.7 },
  },
}
