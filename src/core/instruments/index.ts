export { daysLeft, errorOf, rangeIn, thoseFor, usedOf } from './instrument'
export type { Instrument, InstrumentRange } from './instrument'
export { INSTRUMENT_KIND_IDS, kindFacts, MOST_RANGES, unitsOf } from './kinds'
export type { InstrumentKind } from './kinds'
