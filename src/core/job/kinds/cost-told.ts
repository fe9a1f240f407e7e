import { noted } from './kind'
import type { versions } from './cost-told.schema'

/** What its parts and an hour's work cost: with the minutes of the plan that is the estimate. The last one told counts. */
export const costTold = noted<typeof versions>('door', (draft, cost) => (draft.cost = cost))
