import { OWNER_SAID } from '../vocabulary'
import { closed, figure, need, oneOf, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    /* What was told them that it will cost. */
    estimate: figure(0, 100_000_000).required(),
    /* Who was asked. */
    who: need(120),
    said: oneOf(OWNER_SAID).required(),
    /* Up to how much, where they named another sum. */
    amount: figure(0, 100_000_000),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { estimate: 240, who: 'Ida, by telephone', said: 'up to', amount: 220 },
}
