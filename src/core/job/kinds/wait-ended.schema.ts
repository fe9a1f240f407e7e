import { closed, figure, id, stepId, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    step: stepId().required(),
    /* The entry that began it. */
    of: id(),
    /* Run on the device since that entry, by a clock that nobody can put. */
    seconds: figure(0, 1e8).required(),
  }),
}

export const samples: Stored<typeof versions> = { 1: { step: 'down:step:wait', of: 'e4', seconds: 604 } }
