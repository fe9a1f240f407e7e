import type { Rung } from './rung'

export const brakeStops: Rung = { kind: 'ridden', needed: true }
