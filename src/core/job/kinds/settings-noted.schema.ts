import { PAIRED, SETTING_IDS } from '../electronics'
import { closed, figure, figureOrWord, id, list, oneOf, some, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    part: id(),
    of: oneOf(['old', 'new']).required(),
    rows: list(closed({ setting: oneOf(SETTING_IDS).required(), value: figureOrWord().required() }), 20).required(),
    /* Why none can be read. */
    cannot: text(300),
    /* Is it tied to something else, and to what? */
    paired: oneOf(PAIRED),
    to: text(120),
    /* One or more turns of the wheel on the floor, with its load. */
    roll: some({ turns: figure(0.5, 1000).required(), metres: figure(0.05, 10_000).required() }),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    part: 'front-controller',
    of: 'new',
    rows: [
      { setting: 'wheel size', value: 798 },
      { setting: 'direction', value: 'forward' },
    ],
    cannot: 'no display',
    paired: 'paired',
    to: 'its display',
    roll: { turns: 3, metres: 2.4 },
  },
}
