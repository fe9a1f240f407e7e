import type { CheckRule } from './check'

/** It is held before the last of what holds it comes off. */
export const support: CheckRule = { without: 'nobody', told: 'with the plan', binds: {} }
