import { adoptPlan } from '../apply-plan'
import { type AdoptedPlan, factsOfPlan, planOfFacts, withoutFits, withoutGates, withoutOpens, withoutWants } from '../../planning'
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

/** A plan takes over the limbs. Version 1 brings its words along, version 2 has facts only: its words are in the machine's file; version 3
 * has the figures that a step wants read, version 4 what it opens, version 5 what is heavy, sealed, or takes the motor's torque,
 * version 6 how long screws may be, and which clearances are read again. */
export const planAdopted: KindOf<typeof versions, Adopted> = {
  reads: {
    1: (body) => body,
    2: ({ plan, ...body }) => ({ ...body, plan: planOfFacts(plan) }),
    3: ({ plan, ...body }) => ({ ...body, plan: planOfFacts(plan) }),
    4: ({ plan, ...body }) => ({ ...body, plan: planOfFacts(plan) }),
    5: ({ plan, ...body }) => ({ ...body, plan: planOfFacts(plan) }),
    6: ({ plan, ...body }) => ({ ...body, plan: planOfFacts(plan) }),
  },
  writes: {
    // What a step wants read can only be answered in a later form: an older one does not ask.
    1: {
      since: 0,
      write: ({ plan, ...body }) => ({ ...body, plan: withoutFits(withoutGates(withoutOpens(withoutWants(plan)))) }) as never,
    },
    2: {
      since: 12,
      write: ({ plan, ...body }) => ({ ...body, plan: withoutFits(withoutGates(withoutOpens(withoutWants(factsOfPlan(plan))))) }),
    },
    3: { since: 15, write: ({ plan, ...body }) => ({ ...body, plan: withoutFits(withoutGates(withoutOpens(factsOfPlan(plan)))) }) },
    4: { since: 16, write: ({ plan, ...body }) => ({ ...body, plan: withoutFits(withoutGates(factsOfPlan(plan))) }) },
    5: { since: 18, write: ({ plan, ...body }) => ({ ...body, plan: withoutFits(factsOfPlan(plan)) }) },
    6: { since: 20, write: ({ plan, ...body }) => ({ ...body, plan: factsOfPlan(plan) }) },
  },
  writers: 'work',
  struckBy: 'writer',
  stamped: true,
  noUndo: true,
  claims: [],
  apply({ draft, entry }, body) {
    adoptPlan(draft, body, entry.stamp)
  },
}
