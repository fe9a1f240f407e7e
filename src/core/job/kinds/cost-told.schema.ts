import { closed, figure, list, need, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    /* What an hour costs, in the shop's money. */
    rate: figure(0, 100_000).required(),
    parts: list(closed({ name: need(120), price: figure(0, 10_000_000).required() }), 60).required(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { rate: 60, parts: [{ name: 'Front motor', price: 140 }] },
}
