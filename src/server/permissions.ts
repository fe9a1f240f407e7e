import { type Kind, mayWrite, type Role } from '../core/job'

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

/** Why this role may not write an entry of this kind; null when it may. */
export function refusal(role: Role, kind: Kind): string | null {
  if (mayWrite(role, kind)) return null
  return role === 'viewer'
    ? 'A viewer reads; ask a mechanic to log this.'
    : 'The front desk takes in and hands out; a mechanic has to log work.'
}
