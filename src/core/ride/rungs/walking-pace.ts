import type { Rung } from './rung'

export const walkingPace: Rung = { kind: 'ridden', needed: true }
