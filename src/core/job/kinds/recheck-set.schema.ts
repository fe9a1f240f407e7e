import { closed, day, figure, need, oneOf, stepId, text, type Stored } from './fields.schema'
import { RECHECK_OF } from '../vocabulary'

export const versions = {
  1: closed({ what: need(300), due: need(60), on: day(), kilometres: figure(0, 100_000) }),
  2: closed({
    of: oneOf(RECHECK_OF),
    what: text(300),
    step: stepId(),
    on: day(),
    kilometres: figure(0, 100_000),
    rides: figure(1, 1000),
  }).test(
    'said',
    '${path} says neither what is looked at again nor when',
    (x) => x === undefined || ((x.of !== undefined || !!x.what?.trim()) && (x.on ?? x.kilometres ?? x.rides) !== undefined),
  ),
}

export const samples: Stored<typeof versions> = {
  1: { what: 'nut marks', due: 'after 20 km', on: '2026-12-24', kilometres: 20 },
  2: { of: 'axle nut marks', what: 'both ends', step: 'up:fit:axle-nuts', on: '2026-12-24', kilometres: 20, rides: 1 },
}
