export { convert, formatNumber, formatQuantity, unitLabel, UNITS } from './quantity'
export type { Quantity } from './quantity'
export { readValue } from './read'
export type { ReadFault } from './read'
