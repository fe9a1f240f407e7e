import type { Rung } from './rung'

export const gentle: Rung = { kind: 'ridden', needed: true }
