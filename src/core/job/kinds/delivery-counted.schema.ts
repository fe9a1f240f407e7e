import { closed, figure, list, need, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    items: list(closed({ name: need(200), expected: figure(0, 10_000).required(), found: figure(0, 10_000).required() }), 200)
      .min(1)
      .required(),
    also: text(1000),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    items: [
      { name: 'front motor', expected: 1, found: 1 },
      { name: 'cable tie', expected: 3, found: 2 },
    ],
    also: 'a sticker',
  },
}
