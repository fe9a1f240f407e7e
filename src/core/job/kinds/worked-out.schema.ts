import { ASKED_FROM, VERDICTS, WORKING_IDS } from '../../workings'
import { UNIT_IDS } from '../../units'
import { closed, figure, id, instrumentUsed, list, need, oneOf, some, stepId, text, type Stored } from './fields.schema'

const figures = () => closed({ id: need(40), value: figure().required(), u: figure(0), unit: oneOf(UNIT_IDS) })

export const versions = {
  1: closed({
    working: oneOf(WORKING_IDS).required(),
    /* Of the working: the same figures may come to something else in another. */
    edition: figure(1, 1000).required(),
    asked: list(
      closed({
        id: need(40),
        /* A figure in its field's unit, or a word. */
        value: figure(),
        u: figure(0),
        /* A stack in words is the longest. */
        word: text(600),
        raw: list(figure().required(), 24),
        from: oneOf(ASKED_FROM),
      }),
      40,
    ).required(),
    result: some({ id: need(40), value: figure().required(), u: figure(0), unit: oneOf(UNIT_IDS) }),
    also: list(figures(), 16),
    verdict: oneOf(VERDICTS),
    why: list(need(40), 12),
    /* The step that it decides, and the fixings, part or axle that it is of. */
    step: stepId(),
    of: list(id(), 60),
    instrument: some(instrumentUsed),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    working: 'length-in-hole',
    edition: 1,
    asked: [
      { id: 'length', value: 12, u: 0.05, raw: [12, 12.1, 11.9], from: 'measured' },
      { id: 'behind', word: 'winding', from: 'machine file' },
    ],
    result: { id: 'clearance', value: 2.1, u: 0.2, unit: 'mm' },
    also: [{ id: 'touches', value: 0.2, u: 0.1, unit: '%' }],
    verdict: 'clear',
    why: ['a reason'],
    step: 'up:undo:deck-screws',
    of: ['deck-screw-1'],
    instrument: { id: 'i-caliper', name: 'caliper 2', calibratedTo: '2027-01-31' },
  },
}
