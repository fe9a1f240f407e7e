import { noted } from './kind'
import type { versions } from './trial-made.schema'

/** One thing taken out of what turns, or put back, and the drag on both sides of that. */
export const trialMade = noted<typeof versions>('work', (draft, trial) => draft.trials.push(trial))
