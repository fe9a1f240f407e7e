export { daysLeft, thoseFor, usedOf } from './instrument'
export type { Instrument, InstrumentRange } from './instrument'
export { INSTRUMENT_KIND_IDS, kindFacts } from './kinds'
export type { InstrumentKind } from './kinds'
