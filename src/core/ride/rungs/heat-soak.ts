import type { Rung } from './rung'

export const heatSoak: Rung = { kind: 'ridden', needed: false }
