export { daysLeft, errorOf, hasStandIn, isStandIn, rangeIn, standInUsed, thoseFor, usedOf } from './instrument'
export type { Instrument, InstrumentRange } from './instrument'
export { INSTRUMENT_KIND_IDS, kindFacts, MOST_RANGES, unitsOf } from './kinds'
export type { InstrumentKind } from './kinds'
