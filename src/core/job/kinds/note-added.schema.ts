import { closed, figure, id, list, need, oneOf, some, stepId, text, type Stored } from './fields.schema'
import { ATTEMPTS, STUCK } from '../../fasteners'
import { WEIGH_REASONS } from '../../diagnosis'
import { FAULT_WAYS } from '../vocabulary'

const TRIED = { way: oneOf(ATTEMPTS).required(), minutes: figure(0), distance: figure(0), near: text(120) }
const tried = some(TRIED)

const said = ['said', '${path} says nothing'] as const
const saysSomething = (
  x:
    | {
        readonly text?: string | undefined
        readonly tried?: unknown
        readonly weighed?: unknown
        readonly moved?: readonly unknown[] | undefined
      }
    | undefined,
): boolean => x === undefined || !!x.text?.trim() || x.tried !== undefined || x.weighed !== undefined || (x.moved ?? []).length > 0

const MORE = {
  text: text(),
  step: stepId(),
  /* Parts that went over to the new one. */
  moved: list(id(), 100),
  weighed: some({
    way: oneOf(FAULT_WAYS).required(),
    reason: oneOf(WEIGH_REASONS).required(),
    kilometres: figure(0).required(),
    partPrice: figure(0).required(),
    hourPrice: figure(0).required(),
  }),
}

export const versions = {
  1: closed({ text: need(), step: stepId(), tried }),
  2: closed({ ...MORE, tried }).test(...said, saysSomething),
  3: closed({
    ...MORE,
    /* With what it was tried on, and what was read where it was warmed and near it, °C. */
    tried: some({ ...TRIED, on: oneOf(STUCK), celsius: figure(-50, 1000), nearCelsius: figure(-50, 1000) }),
  }).test(...said, saysSomething),
}

export const samples: Stored<typeof versions> = {
  1: { text: 'longer head', step: 'down:undo:deck-screws', tried: { way: 'warm', minutes: 3, distance: 2, near: 'the Hall lead' } },
  2: {
    text: 'longer head',
    step: 'down:undo:deck-screws',
    tried: { way: 'warm', minutes: 3, distance: 2, near: 'the Hall lead' },
    moved: ['tyre'],
    weighed: { way: 'swap', reason: 'worn out', kilometres: 9000, partPrice: 120, hourPrice: 60 },
  },
  3: {
    text: 'longer head',
    step: 'down:undo:deck-screws',
    tried: { way: 'warm', minutes: 3, distance: 2, near: 'the Hall lead', on: 'locked', celsius: 130, nearCelsius: 60 },
    moved: ['tyre'],
    weighed: { way: 'swap', reason: 'worn out', kilometres: 9000, partPrice: 120, hourPrice: 60 },
  },
}
