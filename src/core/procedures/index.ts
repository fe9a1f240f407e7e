export { PROCEDURES } from './procedures'
export type { Finding, Procedure, Values } from './types'
export { halved } from './formulas'
export type { Halving } from './formulas'
