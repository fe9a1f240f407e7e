export { convert, formatNumber, formatQuantity, isUnit, unitLabel, UNITS } from './quantity'
export type { Quantity, Source } from './quantity'
export { readValue } from './read'
export type { ReadFault } from './read'
