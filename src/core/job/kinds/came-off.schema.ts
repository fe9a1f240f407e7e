import { string } from 'yup'
import { OFF_AT } from '../off/at'
import { HANGS, MOST_OFF, OFF_KEEPS } from '../off/off'
import { OFF_SORTS } from '../off/sorts'
import { closed, figure, oneOf, photoId, some, stepId, text, type Stored } from './fields.schema'

export const offId = () =>
  string()
    .strict()
    .matches(/^off:[A-Za-z0-9._-]{1,60}$/, '${path} is not the id of what came off')
/** A point of a photo: shares of its width and height. A point outside it is nowhere. */
export const point = { photo: photoId().required(), x: figure(0, 1).required(), y: figure(0, 1).required() }
export const offFacts = {
  sort: oneOf(OFF_SORTS),
  count: figure(1, MOST_OFF).integer('${path} is not a count'),
  text: text(200),
  keep: oneOf(OFF_KEEPS),
  cell: text(8),
  condition: text(120),
  hangs: oneOf(HANGS),
  of: oneOf(OFF_AT),
  thread: text(20),
  tool: text(60),
  pin: some(point),
}

export const versions = {
  1: closed({
    ...offFacts,
    step: offId().required(),
    sort: offFacts.sort.required(),
    count: offFacts.count.required(),
    text: offFacts.text.test('filled', '${path} is empty', (x) => x === undefined || x.trim().length > 0),
    /* The step that it came off after; the last one where it is left out. */
    after: stepId(),
  }),
}

/** What else it may be, as far as it claims other things. */
export const more = [{ step: 'off:n2', sort: 'part', count: 1 }] as const

export const samples: Stored<typeof versions> = {
  1: {
    step: 'off:n1',
    sort: 'screw',
    count: 8,
    text: 'M4×10, button head, T20',
    after: 'off:n0',
    keep: 'cell',
    cell: 'A1',
    condition: 'rusty',
    hangs: 'nothing',
    of: 'motor axle',
    thread: 'M4',
    tool: 'T20',
    pin: { photo: 'ab'.repeat(32), x: 0.25, y: 0.75 },
  },
}
