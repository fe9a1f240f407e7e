import type { Kind } from '../core/job'
import type { Role } from '../db/people'

export type Deed = 'read' | 'take in' | 'work' | 'lead'

const MAY: Readonly<Record<Deed, readonly Role[]>> = {
  read: ['lead', 'mechanic', 'front desk', 'viewer'],
  'take in': ['lead', 'mechanic', 'front desk'],
  work: ['lead', 'mechanic'],
  lead: ['lead'],
}

/** May this role do that? */
export function may(role: Role, deed: Deed): boolean {
  return MAY[deed].includes(role)
}

/** Entries that the front desk may write: what is known at the door. All else is work. */
const FRONT_DESK: ReadonlySet<Kind> = new Set<Kind>(['job-opened', 'goal-set', 'symptom-noted', 'damage-noted', 'delivery-counted', 'note-added', 'photo-added', 'recheck-set', 'variant-answered'])

/** Why this role may not write an entry of this kind; null when it may. */
export function mayWrite(role: Role, kind: Kind): string | null {
  if (role === 'viewer') return 'A viewer reads; ask a mechanic to log this.'
  if (role === 'front desk' && !FRONT_DESK.has(kind)) return 'The front desk takes in and hands out; a mechanic has to log work.'
  return null
}
