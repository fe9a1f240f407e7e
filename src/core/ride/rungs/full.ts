import type { Rung } from './rung'

export const full: Rung = { kind: 'ridden', needed: false }
