export { chanceBelow, judgeWithin, sure, through, total } from './doubted'
export type { Doubted } from './doubted'
export { below, normal, quantile } from './normal'
export { ofReadings, strayReading } from './readings'
