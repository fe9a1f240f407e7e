import { adoptPlan } from '../apply-plan'
import { type AdoptedPlan, factsOfPlan, planOfFacts } from '../../planning'
import type { JobSettings } from '../settings'
import type { KindOf } from './kind'
import type { versions } from './plan-adopted.schema'

interface Adopted {
  readonly plan: AdoptedPlan
  readonly file: string
  readonly revision: string
  readonly settings: JobSettings
  readonly reason?: string
}

/** A plan takes over the limbs. Version 1 brings its words along, version 2 has facts only: its words are in the machine's file. */
export const planAdopted: KindOf<typeof versions, Adopted> = {
  reads: { 1: (body) => body, 2: ({ plan, ...body }) => ({ ...body, plan: planOfFacts(plan) }) },
  writes: { 2: { since: 12, write: ({ plan, ...body }) => ({ ...body, plan: factsOfPlan(plan) }) } },
  writers: 'work',
  struckBy: 'writer',
  stamped: true,
  noUndo: true,
  claims: [],
  apply({ draft, entry }, body) {
    adoptPlan(draft, body, entry.stamp)
  },
}
