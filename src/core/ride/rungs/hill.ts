import type { Rung } from './rung'

export const hill: Rung = { kind: 'ridden', needed: false }
