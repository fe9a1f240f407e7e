export { normal } from './chance'
export type { Chance } from './chance'
export type { SimulatedKind } from './types'
export { SIMULATED } from './kinds'
