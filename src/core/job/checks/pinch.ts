import type { CheckRule } from './check'

/** No lead lies under a cover. */
export const pinch: CheckRule = { without: 'mechanic', told: 'with the plan', binds: {} }
