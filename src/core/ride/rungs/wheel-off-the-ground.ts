import type { Rung } from './rung'

export const wheelOffTheGround: Rung = { kind: 'spun', needed: false }
