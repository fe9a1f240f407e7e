import { number } from 'yup'
import { closed, figure, id, list, need, some, stepId, text, type Stored } from './fields.schema'

const minutes = () => closed({ low: figure(0, 1e5).required(), likely: figure(0, 1e5).required(), high: figure(0, 1e5).required() })

export const versions = {
  1: closed({
    step: stepId().required(),
    /* The step that it comes just before; last where that is left out. */
    before: stepId(),
    /* The pose that it is done in there. */
    pose: id(),
    /* Steps that have another turn of the machine before them now, or none any more. */
    turns: list(
      closed({
        step: stepId().required(),
        turn: some({
          to: id(),
          title: need(300),
          note: text(600),
          people: number()
            .strict()
            .oneOf([1, 2] as const)
            .required(),
          minutes: minutes().required(),
        }),
      }),
      500,
    ).required(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    step: 'up:undo:lid-screws',
    before: 'up:off:lid',
    pose: 'flat',
    turns: [
      {
        step: 'up:off:lid',
        turn: { to: 'upright', title: 'Stand it up', note: 'Hands clear.', people: 2, minutes: { low: 1, likely: 1.5, high: 3 } },
      },
      { step: 'up:undo:lid-screws' },
    ],
  },
}
