import type { Joint } from '../../core/machine'

type Locking = NonNullable<Joint['lock']>

const HARDENS = { handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

/** Comes loose with hand tools. */
export const MEDIUM: Locking = { product: 'medium-strength threadlocker', grade: 'medium', ...HARDENS }

/** Wants heat to come loose. */
export const HIGH: Locking = { product: 'high-strength threadlocker', grade: 'high', ...HARDENS }
